import { cm, inches, type LengthUnit } from '../base/units';

/** CP common practice; PUB published; DEF our own definition. */
export type RuleMark = 'CP' | 'PUB' | 'DEF';
export type RuleUnit =
  | 'length'
  | 'area'
  | 'ratio'
  | 'count'
  | 'deltaE'
  | 'deg'
  | 'gram'
  | 'money'
  | 'lightness'
  | 'gigapascal'
  | 'density'
  | 'gsm';
export type RuleValue = number | readonly number[];

/**
 * One rule of the trade. `range` holds [low, high]; `list` any number of values. `schools` names the values
 * that
 * stylists differ on; `value` is then the default school's. Words (name, reason, source) stand in messages
 * under the id.
 * `cmValue` is the round metric value that a room measured in centimetres uses.
 */
export type RuleRow = {
  shape: 'number' | 'range' | 'list' | 'school';
  unit: RuleUnit;
  mark: RuleMark;
  value?: RuleValue;
  cmValue?: RuleValue;
  schools?: readonly string[];
  school?: string;
};

const length = (mark: RuleMark, value: number, cmValue?: number): RuleRow => ({
  shape: 'number',
  unit: 'length',
  mark,
  value: inches(value),
  ...(cmValue !== undefined ? { cmValue: cm(cmValue) } : {}),
});
const span = (mark: RuleMark, low: number, high: number, cmLow?: number, cmHigh?: number): RuleRow => ({
  shape: 'range',
  unit: 'length',
  mark,
  value: [inches(low), inches(high)],
  ...(cmLow !== undefined && cmHigh !== undefined ? { cmValue: [cm(cmLow), cm(cmHigh)] } : {}),
});
const plain = (mark: RuleMark, unit: RuleUnit, value: number): RuleRow => ({
  shape: 'number',
  unit,
  mark,
  value,
});
const range = (mark: RuleMark, unit: RuleUnit, low: number, high: number): RuleRow => ({
  shape: 'range',
  unit,
  mark,
  value: [low, high],
});
const school = (mark: RuleMark, first: string, ...others: string[]): RuleRow => ({
  shape: 'school',
  unit: 'count',
  mark,
  schools: [first, ...others],
  school: first,
});

export const RULE_TABLE = {
  // windows: where the rod goes
  'windows.heightSchool': school('CP', 'high', 'twoThirds', 'overFrame'),
  'windows.belowCeiling': length('CP', 3, 8),
  'windows.frameToCeilingShare': plain('CP', 'ratio', 2 / 3),
  'windows.overFrame': length('CP', 5, 12),
  'windows.rodClearance': length('DEF', 1.5, 4),
  'windows.leastOverFrame': length('DEF', 1, 3),
  'windows.bracketExtension': length('CP', 7, 18),
  'windows.cornerClearance': length('DEF', 2, 5),
  'windows.insideBelowHead': length('DEF', 1, 2.5),
  'windows.insideReveal': length('DEF', 2, 5),
  'windows.cafeShare': plain('CP', 'ratio', 0.5),
  'windows.panelsSoldIn': plain('CP', 'count', 1),
  'windows.leafStile': length('DEF', 4, 10),
  'windows.leafBottomRail': length('DEF', 9, 23),
  'windows.leafPast': length('DEF', 1, 2.5),
  'windows.apron': length('CP', 4, 10),
  'windows.ceilingTrack': length('DEF', 0.5, 1.5),
  'windows.innerProjection': length('DEF', 2, 5),
  'windows.innerRodLower': length('DEF', 0, 0),
  'windows.rodLine': school('CP', 'shared', 'each'),
  'windows.unevenFloor': school('CP', 'eachPanel', 'oneLength', 'advise'),
  // landing
  'windows.landingClear': length('CP', 0.5, 1),
  'windows.landingBreak': length('CP', 1, 2.5),
  'windows.landingPool': length('CP', 3, 8),
  'windows.landingFullPool': length('CP', 6, 15),
  'windows.poolRange': span('CP', 2, 3, 5, 8),
  'windows.pinGive': length('CP', 1 / 8, 0.5),
  // fullness, panels, stack
  'windows.fullness': plain('CP', 'ratio', 2),
  'windows.leastFullness': plain('CP', 'ratio', 1.5),
  'windows.fullnessOver': plain('DEF', 'ratio', 1.3),
  'windows.glassNoticed': plain('DEF', 'ratio', 0.1),
  'windows.takeDownRodPocket': length('DEF', 0, 0),
  'windows.takeDownGrommet': length('DEF', -1.5, -4),
  'windows.takeDownRingClip': length('DEF', 1.5, 4),
  'windows.takeDownBackTab': length('DEF', -1, -2.5),
  'windows.takeDownWave': length('DEF', 0.5, 1.2),
  'windows.ringDrop': length('DEF', 1.75, 4.5),
  'windows.pin': length('DEF', 0.5, 1.5),
  'windows.pinRange': span('DEF', 0.25, 1.75, 0.5, 4.5),
  'windows.panelDraw': school('CP', 'pair', 'single'),
  'windows.return': length('CP', 3.5, 9),
  'windows.overlap': length('CP', 3, 8),
  'windows.packingSheer': plain('DEF', 'ratio', 9),
  'windows.packingLight': plain('DEF', 'ratio', 7),
  'windows.packingMedium': plain('DEF', 'ratio', 5.5),
  'windows.packingHeavy': plain('DEF', 'ratio', 4.5),
  'windows.sheerBelowGsm': plain('DEF', 'gram', 100),
  'windows.lightBelowGsm': plain('DEF', 'gram', 200),
  'windows.mediumBelowGsm': plain('DEF', 'gram', 400),
  'windows.liningGsm': plain('DEF', 'gsm', 130),
  'windows.interliningGsm': plain('DEF', 'gsm', 350),
  'windows.sheerFullness': plain('CP', 'ratio', 2.5),
  // shower
  'windows.showerStock': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [70, 72, 78, 84, 96, 108].map(inches),
    cmValue: [180, 200, 220, 240].map(cm),
  },
  'windows.showerClear': length('DEF', 2, 5),
  'windows.showerFlatWidth': length('CP', 72, 180),
  'windows.showerFullness': plain('DEF', 'ratio', 1.2),
  // light
  'windows.passSheer': plain('DEF', 'ratio', 0.6),
  'windows.passLight': plain('DEF', 'ratio', 0.3),
  'windows.passMedium': plain('DEF', 'ratio', 0.12),
  'windows.passHeavy': plain('DEF', 'ratio', 0.05),
  'windows.passLining': plain('DEF', 'ratio', 0.4),
  'windows.passBlackout': plain('DEF', 'ratio', 0.01),
  'windows.hidesByDay': plain('DEF', 'ratio', 0.7),
  'windows.hidesByLamp': plain('DEF', 'ratio', 0.35),
  // routes
  'windows.stockLengths': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [63, 72, 84, 95, 96, 98, 102, 108, 120, 132, 144].map(inches),
    cmValue: [140, 160, 175, 230, 250, 260, 280, 300].map(cm),
  },
  'windows.stockFlatWidth': length('CP', 54, 135),
  'windows.hem': length('CP', 4, 10),
  'windows.stockHem': length('DEF', 4, 10),
  'windows.leastHem': length('DEF', 2, 5),
  'windows.longerRings': span('CP', 1, 2, 2.5, 5),
  'windows.clothWidth': length('CP', 54, 140),
  'windows.seamLoss': length('DEF', 2, 5),
  'windows.headingAllowance': length('CP', 8, 20),
  'windows.buckramAllowance': length('CP', 0.5, 1.5),
  'windows.header': school('CP', 'selfTurn', 'buckram'),
  'windows.liningShorter': length('CP', 1, 2.5),
  'windows.liningHem': length('CP', 3, 7.5),
  'windows.sideHem': length('CP', 1.5, 4),
  'windows.pleatSpacing': length('CP', 4, 10),
  'windows.pleatCloth': span('CP', 4, 6, 10, 15),
  'windows.handPleatBunches': range('CP', 'count', 2, 3),
  'windows.liningPricePerMetre': plain('DEF', 'money', 900),
  'windows.ringSpacing': length('CP', 5, 12),
  // rod
  'windows.rodTube': {
    shape: 'list',
    unit: 'length',
    mark: 'DEF',
    value: [1, 0.05].map(inches),
    cmValue: [2.5, 0.12].map(cm),
  },
  'windows.rodTelescoping': {
    shape: 'list',
    unit: 'length',
    mark: 'DEF',
    value: [0.875, 0.04, 0.75, 0.04].map(inches),
    cmValue: [2.2, 0.1, 1.9, 0.1].map(cm),
  },
  'windows.rodWood': {
    shape: 'list',
    unit: 'length',
    mark: 'DEF',
    value: [1.375].map(inches),
    cmValue: [3.5].map(cm),
  },
  'windows.rodTrack': {
    shape: 'list',
    unit: 'length',
    mark: 'DEF',
    value: [0.75, 0.06].map(inches),
    cmValue: [2, 0.15].map(cm),
  },
  'windows.rodTension': {
    shape: 'list',
    unit: 'length',
    mark: 'DEF',
    value: [0.875, 0.03, 0.75, 0.03].map(inches),
    cmValue: [2.2, 0.08, 1.9, 0.08].map(cm),
  },
  'windows.tensionMost': length('DEF', 60, 150),
  'windows.tensionLoad': plain('DEF', 'gram', 4000),
  'windows.steel': plain('PUB', 'gigapascal', 200),
  'windows.aluminium': plain('PUB', 'gigapascal', 69),
  'windows.hardwood': plain('PUB', 'gigapascal', 11),
  'windows.steelDensity': plain('PUB', 'density', 7850),
  'windows.aluminiumDensity': plain('PUB', 'density', 2700),
  'windows.hardwoodDensity': plain('PUB', 'density', 700),
  'windows.sagShare': plain('DEF', 'count', 300),
  'windows.sagMost': length('DEF', 1 / 8, 0.3),
  'windows.bracketTop': length('DEF', 1, 2.5),
  'windows.lintel': length('DEF', 6, 15),
  'windows.rodPricePerMetre': plain('DEF', 'money', 1400),
  'windows.bracketPrice': plain('DEF', 'money', 600),
  'windows.finialPrice': plain('DEF', 'money', 700),
  'windows.hookPrice': plain('DEF', 'money', 15),
  'windows.minutesPerHem': plain('DEF', 'count', 25),
  'windows.minutesPerLetDown': plain('DEF', 'count', 30),
  'windows.minutesPerPanelOfRings': plain('DEF', 'count', 8),
  'windows.minutesToMoveRod': plain('DEF', 'count', 10),
  'windows.minutesPerWidthMade': plain('DEF', 'count', 90),
  'windows.rankBy': school('CP', 'cost', 'fit', 'work'),
  'windows.stockPanelPrice': plain('DEF', 'money', 2200),
  'windows.stockPricePerMetre': plain('DEF', 'money', 900),
  'windows.clothPricePerMetre': plain('DEF', 'money', 2400),
  'windows.hemWorkPrice': plain('DEF', 'money', 1500),
  'windows.makingPricePerWidth': plain('DEF', 'money', 4500),
  'windows.ringPrice': plain('DEF', 'money', 80),
  // how the room sounds: Sabine's coefficients at 500 Hz and 1 kHz
  'echo.plasterboard': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.05, 0.04] },
  'echo.plaster': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.02, 0.03] },
  'echo.brick': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.03, 0.04] },
  'echo.wood': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.1, 0.07] },
  'echo.carpet': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.57, 0.69] },
  'echo.rug': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.14, 0.37] },
  'echo.tile': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.01, 0.01] },
  'echo.concrete': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.015, 0.02] },
  'echo.glass': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.18, 0.12] },
  'echo.drapeLight': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.11, 0.17] },
  'echo.drapeMedium': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.49, 0.75] },
  'echo.drapeHeavy': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.55, 0.72] },
  'echo.upholstery': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.56, 0.67] },
  'echo.opening': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [1, 1] },
  'echo.wished': range('DEF', 'ratio', 0.3, 0.6),
  // walls
  'walls.centre': length('CP', 60, 152),
  'walls.centreRange': span('CP', 57, 62, 145, 157),
  'walls.across': plain('CP', 'ratio', 0.5),
  'walls.gapOverFurniture': span('CP', 6, 12, 15, 30),
  'walls.gapOverHeadboard': span('CP', 6, 10, 15, 25),
  'walls.yields': school('CP', 'centre', 'gap'),
  'walls.widthShare': range('CP', 'ratio', 2 / 3, 3 / 4),
  'walls.widthShareAccepted': range('CP', 'ratio', 0.6, 0.8),
  'walls.clearAbove': length('DEF', 4, 10),
  'walls.hookSpread': range('CP', 'ratio', 1 / 3, 1 / 2),
  'walls.heavyFrom': plain('DEF', 'gram', 9000),
  'walls.cableBand': length('DEF', 6, 15),
  'walls.neighbourReach': length('DEF', 36, 90),
  'walls.gallerySchool': school('CP', 'asSingle', 'quarter'),
  'walls.quarter': range('CP', 'ratio', 0.5, 0.75),
  'walls.schoolsPart': length('DEF', 2, 5),
  'walls.gap': length('CP', 2.5, 6),
  'walls.gapRange': span('CP', 2, 3, 5, 8),
  'walls.stairPitch': plain('DEF', 'deg', 37),
  'walls.hookClasses': {
    shape: 'list',
    unit: 'gram',
    mark: 'DEF',
    value: [4536, 9072, 13_608, 22_680, 34_019, 45_359],
  },
  'walls.leanFoot': plain('DEF', 'ratio', 0.1),
  'walls.seatedEye': length('DEF', 42, 107),
  'walls.neck': plain('DEF', 'deg', 15),
  'walls.belowScreen': length('CP', 0, 0),
  'walls.overTank': length('CP', 24, 61),
  'walls.overTankFloor': length('CP', 54, 137),
  'walls.shelfApart': length('CP', 13, 33),
  'walls.shelfApartRange': span('CP', 12, 15, 30, 38),
  'walls.shelfLoad': plain('DEF', 'gram', 30_000),
  'walls.shelfBracketApart': length('DEF', 24, 60),
  'walls.acclimatise': plain('DEF', 'count', 48),
  'walls.snapWithin': length('DEF', 1, 2.5),
  'walls.holeReach': length('DEF', 3, 8),
  'walls.datum': school('DEF', 'floor', 'ceiling'),
  'walls.matOverlap': length('CP', 0.25, 0.6),
  'walls.matWidth': length('DEF', 2.5, 6),
  'walls.dpiClose': plain('CP', 'count', 300),
  'walls.dpiRoom': plain('CP', 'count', 150),
  'walls.templateOverlap': length('DEF', 0.5, 1),
  // seats
  'seats.featherOver': length('CP', 2, 5),
  'seats.polyesterOver': length('CP', 1, 2.5),
  'seats.foamOver': length('CP', 0, 0),
  'seats.largeCoverFrom': length('CP', 24, 60),
  'seats.largeCoverOver': span('CP', 2, 4, 5, 10),
  'seats.insertTolerance': length('DEF', 0.75, 2),
  'seats.stockSquares': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [16, 18, 20, 22, 24, 26, 27, 28].map(inches),
    cmValue: [40, 45, 50, 55, 60, 65].map(cm),
  },
  'seats.stockOblongs': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [12, 16, 12, 20, 14, 20, 14, 22, 14, 36, 16, 26, 20, 26, 20, 30, 20, 36].map(inches),
    cmValue: [30, 50, 35, 55, 40, 60, 40, 65, 50, 70, 50, 75, 50, 90].map(cm),
  },
  'seats.useWidth': plain('DEF', 'ratio', 0.88),
  'seats.perSitter': length('CP', 24, 60),
  'seats.depthLeft': length('CP', 18, 45),
  'seats.stepDown': length('CP', 2, 5),
  'seats.overBack': length('DEF', 2, 5),
  'seats.boldPatterns': plain('CP', 'count', 2),
  'seats.boldRepeat': length('DEF', 2, 5),
  'seats.matchDeltaE': plain('DEF', 'deltaE', 2),
  'seats.inFrontFrom': plain('DEF', 'ratio', 0.15),
  'seats.offSeat': plain('DEF', 'ratio', 0.25),
  'seats.starkFrom': plain('DEF', 'lightness', 93),
  'seats.starkTint': plain('DEF', 'deltaE', 4),
  // colour over the room
  'spread.neutralChroma': plain('DEF', 'ratio', 0.03),
  'spread.familyHue': plain('DEF', 'deg', 25),
  'spread.familyChroma': plain('DEF', 'ratio', 0.07),
  'spread.shadeApart': plain('DEF', 'deltaE', 12),
  'spread.placeReach': length('DEF', 24, 60),
  'spread.placesWanted': range('CP', 'count', 3, 7),
  'spread.heightBands': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [20, 48, 72].map(inches),
    cmValue: [50, 120, 180].map(cm),
  },
  'spread.bandsWanted': plain('CP', 'count', 2),
  'spread.pullNoticed': plain('DEF', 'ratio', 0.25),
  'spread.gapNoticed': plain('DEF', 'ratio', 0.5),
  'spread.accentShareMost': plain('DEF', 'ratio', 0.15),
  'spread.accentFamiliesMost': plain('DEF', 'count', 3),
  'spread.nearMiss': range('DEF', 'deltaE', 2, 6),
  'spread.nearMissArea': plain('DEF', 'area', 40_000),
  'spread.nearMissReach': length('DEF', 60, 150),
  'spread.whiteFrom': plain('DEF', 'lightness', 85),
  'spread.floorForeshortening': plain('DEF', 'ratio', 0.35),
  'spread.darkBelow': plain('DEF', 'lightness', 35),
  'spread.darkShareLeast': plain('DEF', 'ratio', 0.03),
  'spread.sharesOff': plain('DEF', 'ratio', 0.15),
  'spread.planned': { shape: 'list', unit: 'ratio', mark: 'CP', value: [0.6, 0.3, 0.1] },
  // measure
  'measure.dropsApart': length('DEF', 2, 5),
  'measure.lowCeiling': length('DEF', 78, 198),
  'measure.closing': length('DEF', 1 / 8, 0.5),
  // floor
  'floor.walkway': length('CP', 30, 76),
  'floor.wheelchair': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(36), cmValue: 915 },
  'floor.talk': length('CP', 96, 240),
  'floor.surfaceReach': length('DEF', 18, 45),
  'floor.lightReach': length('DEF', 48, 120),
  'floor.sofaTableSchool': school('CP', 'reach', 'atLeast'),
  'floor.sofaTable': span('CP', 14, 18, 35, 45),
  'floor.sofaTableAlone': span('CP', 16, 18, 40, 45),
  'floor.sofaTableLeast': length('CP', 18, 45),
  'floor.rugTuck': span('CP', 10, 18, 25, 45),
  'floor.layerBorder': span('CP', 8, 18, 20, 45),
  'floor.layerEven': length('DEF', 2, 5),
  'floor.underDoor': length('DEF', 1 / 8, 0.5),
  'floor.ventClear': length('DEF', 6, 15),
  'floor.toiletClear': length('DEF', 12, 30),
  'floor.bedPassage': length('CP', 24, 60),
  'floor.bedForTwo': length('DEF', 54, 135),
  // stash
  'stash.compressFeather': plain('DEF', 'ratio', 0.35),
  'stash.compressPolyester': plain('DEF', 'ratio', 0.3),
  'stash.packed': plain('DEF', 'ratio', 0.85),
  'stash.returnWarn': { shape: 'list', unit: 'count', mark: 'DEF', value: [7, 3, 1] },
  'stash.arrivedSame': plain('DEF', 'deltaE', 2),
  'stash.partsBy': plain('DEF', 'deltaE', 2),
  'stash.smallRepeat': length('DEF', 2, 5),
  'stash.largeRepeat': length('DEF', 8, 20),
  // fitting sheet, safety
  'fitting.levelLine': length('DEF', 60, 150),
  'fitting.levelTolerance': length('CP', 1 / 8, 0.5),
  'safety.heaterDistance': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(36), cmValue: 914 },
  'safety.radiatorClearance': length('DEF', 4, 10),
  'safety.tipFrom': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(27), cmValue: 686 },
  'safety.tipAge': plain('DEF', 'count', 6),
  'safety.candleClear': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(12), cmValue: 305 },
  'safety.reachUnderTwo': length('DEF', 30, 76),
  'safety.reachUnderThree': length('DEF', 40, 102),
  'safety.bedFromWindow': length('DEF', 24, 60),
  'safety.ladderFrom': length('DEF', 78, 200),
  'safety.twoPeopleRod': length('DEF', 72, 180),
} as const satisfies Record<string, RuleRow>;

export type RuleId = keyof typeof RULE_TABLE;
export const RULE_IDS = Object.keys(RULE_TABLE) as RuleId[];

export const defaultValue = (id: RuleId, unit: LengthUnit): RuleValue => {
  const row: RuleRow = RULE_TABLE[id];
  return (unit === 'cm' ? row.cmValue : undefined) ?? row.value ?? 0;
};
