import type { RuleId } from './table';

/** Rules that make one number together: whoever asks about one is shown the others. Each group begins with the rule that the number is asked by. */
export const RULE_GROUPS: readonly (readonly RuleId[])[] = [
  ['windows.heightSchool', 'windows.belowCeiling', 'windows.frameToCeilingShare', 'windows.overFrame', 'windows.rodClearance', 'windows.leastOverFrame', 'windows.rodLine', 'windows.ceilingTrack', 'windows.insideBelowHead', 'windows.insideReveal', 'windows.cafeShare', 'windows.innerRodLower'],
  ['windows.leafStile', 'windows.leafBottomRail', 'windows.leafPast'],
  ['windows.bracketExtension', 'windows.cornerClearance', 'windows.packingSheer', 'windows.packingLight', 'windows.packingMedium', 'windows.packingHeavy', 'windows.sheerBelowGsm', 'windows.lightBelowGsm', 'windows.mediumBelowGsm', 'windows.glassNoticed'],
  ['windows.unevenFloor', 'windows.pinGive', 'windows.landingClear', 'windows.landingBreak', 'windows.landingPool', 'windows.landingFullPool', 'windows.poolRange', 'windows.apron', 'windows.takeDownRodPocket', 'windows.takeDownBackTab', 'windows.takeDownGrommet', 'windows.takeDownRingClip', 'windows.takeDownWave', 'windows.ringDrop', 'windows.pin', 'windows.pinRange', 'measure.dropsApart'],
  ['windows.fullness', 'windows.sheerFullness', 'windows.leastFullness', 'windows.fullnessOver', 'windows.stockFlatWidth', 'windows.panelDraw', 'windows.return', 'windows.innerProjection', 'windows.overlap', 'windows.ringSpacing'],
  ['windows.rankBy', 'windows.stockLengths', 'windows.longerRings', 'windows.panelsSoldIn', 'windows.stockPanelPrice', 'windows.stockPricePerMetre', 'windows.ringPrice', 'windows.minutesToMoveRod', 'windows.minutesPerPanelOfRings',
    'windows.hem', 'windows.stockHem', 'windows.leastHem', 'windows.hemWorkPrice', 'windows.minutesPerHem', 'windows.minutesPerLetDown'],
  ['windows.headingAllowance', 'windows.header', 'windows.buckramAllowance', 'windows.clothWidth', 'windows.seamLoss', 'windows.sideHem', 'windows.liningShorter', 'windows.liningHem', 'windows.pleatSpacing', 'windows.pleatCloth', 'windows.handPleatBunches', 'windows.clothPricePerMetre', 'windows.liningPricePerMetre', 'windows.makingPricePerWidth', 'windows.minutesPerWidthMade'],
  ['windows.showerStock', 'windows.showerClear', 'windows.showerFlatWidth', 'windows.showerFullness'],
  ['windows.hidesByLamp', 'windows.hidesByDay', 'windows.passSheer', 'windows.passLight', 'windows.passMedium', 'windows.passHeavy', 'windows.passLining', 'windows.passBlackout'],
  ['windows.sagMost', 'windows.sagShare', 'windows.rodTube', 'windows.rodTelescoping', 'windows.rodWood', 'windows.rodTrack', 'windows.rodTension', 'windows.tensionMost', 'windows.tensionLoad', 'windows.steel', 'windows.aluminium', 'windows.hardwood', 'windows.steelDensity', 'windows.aluminiumDensity', 'windows.hardwoodDensity', 'windows.liningGsm', 'windows.interliningGsm', 'windows.bracketTop', 'windows.lintel', 'windows.rodPricePerMetre', 'windows.bracketPrice', 'windows.finialPrice', 'windows.hookPrice'],
  ['echo.wished', 'echo.plasterboard', 'echo.plaster', 'echo.brick', 'echo.wood', 'echo.carpet', 'echo.rug', 'echo.tile', 'echo.concrete', 'echo.glass', 'echo.drapeLight', 'echo.drapeMedium', 'echo.drapeHeavy', 'echo.upholstery', 'echo.opening'],
  ['walls.centre', 'walls.centreRange', 'walls.across', 'walls.gapOverFurniture', 'walls.gapOverHeadboard', 'walls.yields', 'walls.clearAbove', 'walls.gallerySchool', 'walls.quarter', 'walls.schoolsPart', 'walls.leanFoot'],
  ['walls.widthShare', 'walls.widthShareAccepted', 'walls.neighbourReach'],
  ['walls.gap', 'walls.gapRange', 'walls.stairPitch', 'walls.snapWithin'],
  ['walls.hookSpread', 'walls.hookClasses', 'walls.heavyFrom', 'walls.cableBand', 'walls.datum', 'walls.holeReach', 'walls.templateOverlap'],
  ['walls.neck', 'walls.seatedEye', 'walls.belowScreen'],
  ['walls.overTank', 'walls.overTankFloor', 'walls.shelfApart', 'walls.shelfApartRange', 'walls.shelfLoad', 'walls.shelfBracketApart'],
  ['walls.matOverlap', 'walls.matWidth', 'walls.dpiClose', 'walls.dpiRoom', 'walls.acclimatise'],
  ['seats.featherOver', 'seats.polyesterOver', 'seats.foamOver', 'seats.largeCoverFrom', 'seats.largeCoverOver', 'seats.insertTolerance', 'seats.stockSquares', 'seats.stockOblongs'],
  ['seats.perSitter', 'seats.depthLeft', 'seats.useWidth', 'seats.stepDown', 'seats.overBack', 'seats.boldPatterns', 'seats.boldRepeat', 'seats.matchDeltaE', 'seats.inFrontFrom', 'seats.offSeat', 'seats.starkFrom', 'seats.starkTint'],
  ['spread.planned', 'spread.sharesOff', 'spread.floorForeshortening', 'spread.darkBelow', 'spread.darkShareLeast', 'spread.neutralChroma', 'spread.familyHue', 'spread.familyChroma', 'spread.shadeApart'],
  ['spread.placesWanted', 'spread.placeReach', 'spread.gapNoticed', 'spread.pullNoticed', 'spread.heightBands', 'spread.bandsWanted', 'spread.accentShareMost', 'spread.accentFamiliesMost'],
  ['spread.nearMiss', 'spread.nearMissArea', 'spread.nearMissReach', 'spread.whiteFrom'],
  ['floor.walkway', 'floor.wheelchair', 'floor.bedPassage', 'floor.bedForTwo'],
  ['floor.sofaTable', 'floor.sofaTableAlone', 'floor.sofaTableLeast', 'floor.sofaTableSchool'],
  ['floor.rugTuck', 'floor.layerBorder', 'floor.layerEven', 'floor.underDoor', 'floor.toiletClear'],
  ['floor.talk', 'floor.surfaceReach', 'floor.lightReach'],
  ['stash.packed', 'stash.compressFeather', 'stash.compressPolyester'],
  ['stash.arrivedSame', 'stash.partsBy'],
  ['stash.returnWarn'],
  ['stash.smallRepeat', 'stash.largeRepeat'],
  ['safety.reachUnderTwo', 'safety.reachUnderThree', 'safety.tipFrom', 'safety.tipAge', 'safety.bedFromWindow', 'safety.candleClear'],
  ['fitting.levelLine', 'fitting.levelTolerance', 'measure.lowCeiling', 'measure.closing', 'safety.ladderFrom', 'safety.twoPeopleRod'],
  ['safety.heaterDistance', 'safety.radiatorClearance', 'floor.ventClear'],
];

/** The other rules of the same number. */
export const relatedRules = (id: RuleId): readonly RuleId[] => (RULE_GROUPS.find((g) => g.includes(id)) ?? []).filter((r) => r !== id);
