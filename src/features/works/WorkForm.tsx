'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { first } from '../../core/base/list';
import { inches } from '../../core/base/units';
import { PATTERN_KINDS, SHEENS } from '../../core/model/values/item';
import { WORK_TRIAL, WORK_UNDO } from '../../core/model/values/look';
import type { Finish, Sheen, Swatch, Work, WorkAct } from '../../core/model/types';
import { finishOfWall } from '../../core/room/works';
import type { RuleId } from '../../core/rules/table';
import { rulesOfWork, type WorkPlan } from '../../core/stages/works/planWork';
import { asSentence } from '../../messages/findingWords';
import { amountWords, whenWords } from '../../messages/workWords';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { ColourField } from '../shell/ColourField';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { useCurrency } from '../shell/useMoney';
import { useFamilyName } from '../shell/useWords';
import { MaterialFields } from './MaterialFields';
import { useSay } from './useSay';
import type { SetWork } from './useWorks';

const BookDialog = dynamic(() => import('./BookDialog').then((m) => m.BookDialog), { ssr: false });

const AS_IT_IS = 'asItIs';
const OWN = 'own';
const MOST_COST = 1_000_000;
const MOST_MINUTES = 60_000;
const MOST_HOURS = 2000;
/** Acts after which a thing is of another size. */
const SIZED: ReadonlySet<WorkAct> = new Set(['cutDown', 'sew', 'apart', 'recover', 'glue']);
const SIZES = ['widthMm', 'heightMm', 'depthMm'] as const;
/** Acts that put something patterned on. */
const PATTERNED: ReadonlySet<WorkAct> = new Set(['paper', 'film', 'wrap', 'cloth', 'recover']);

/** What can be said of a work: what its thing is after it, what it takes, what it costs, how long it waits. */
export function WorkForm({ planned }: { planned: WorkPlan }): ReactNode {
  const t = useTranslations('works');
  const { file, look, change, pick } = useRoom();
  const [booking, setBooking] = useState(false);
  const say = useSay();
  const { work, amount, beginDays, waitHours } = planned;
  const set = (patch: Partial<Work>) =>
    change([{ do: 'putWork', lookId: look.id, work: { ...work, ...patch } }]);
  const remove = () => {
    change([{ do: 'removeWork', lookId: look.id, id: work.id }]);
    pick(null);
  };
  const rules = rulesOfWork(planned);
  if (work.doneOn !== null)
    return (
      <div className="space-y-2.5 pb-3 pt-1 text-[14px]">
        <p className="text-soft">{t('doneNote')}</p>
        <Button small onClick={remove}>
          {t('remove')}
        </Button>
      </div>
    );
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <Reckoned words={amountWords(amount, say, file.room.unit) || t('nothingTaken')} rule={rules.amount} />
      <Reckoned words={whenWords({ minutes: work.minutes, beginDays, waitHours }, say)} rule={rules.wait} />
      <AfterFields planned={planned} set={set} />
      <MaterialFields planned={planned} set={set} />
      <CostFields work={work} set={set} />
      <div className="flex flex-wrap items-center gap-1.5">
        <Button small variant="primary" onClick={() => setBooking(true)}>
          {t('done')}
        </Button>
        <Button small onClick={remove}>
          {t('remove')}
        </Button>
      </div>
      {booking && <BookDialog planned={planned} newId={nanoid(12)} onClose={() => setBooking(false)} />}
    </div>
  );
}

/** What was worked out, with the rule that it comes from. */
function Reckoned({ words, rule }: { words: string; rule: RuleId | null }): ReactNode {
  if (words === '') return null;
  return (
    <p className="text-[14px]">
      <Words>{asSentence(words)}</Words> {rule && <Why rule={rule} />}
    </p>
  );
}

/** Colour, sheen and size after the work. */
function AfterFields({ planned, set }: { planned: WorkPlan } & SetWork): ReactNode {
  const t = useTranslations('works');
  const sheens = useTranslations('stash.sheens');
  const { file, plan, preview } = useRoom();
  const familyName = useFamilyName();
  const { work, target } = planned;
  const { after } = work;
  const { unit } = file.room;
  const put = (patch: Partial<Work['after']>) => set({ after: { ...after, ...patch } });
  const now = useColoursNow(work);
  const family = plan.spread.families.find(
    (f) => after.colours?.[0] && isSameColour(f.seed, after.colours[0]),
  );
  const choose = (value: string) => {
    const chosen = plan.spread.families.find((f) => f.id === value);
    if (value === AS_IT_IS) put({ colours: null, pattern: null });
    else put({ colours: [{ ...(chosen?.seed ?? first(now)), share: 1 }] });
  };
  const ownOrNone = after.colours === null ? AS_IT_IS : OWN;
  return (
    <>
      <Select
        label={t('colour')}
        value={family?.id ?? ownOrNone}
        options={[
          { value: AS_IT_IS, label: t('asItIs') },
          { value: OWN, label: t('ownColour') },
          ...plan.spread.families.map((f) => ({
            value: f.id,
            label: t('likeFamily', { name: familyName(f) }),
          })),
        ]}
        onChange={choose}
      />
      {after.colours && (
        <ColourField
          label={t('picked')}
          colours={after.colours}
          onPreview={() => preview(null)}
          onCommit={(colours) => put({ colours })}
        />
      )}
      {after.colours && PATTERNED.has(work.act) && (
        <PatternFields workId={work.id} after={{ ...after, colours: after.colours }} put={put} />
      )}
      <Select
        label={t('sheen')}
        value={after.sheen ?? AS_IT_IS}
        options={[
          { value: AS_IT_IS, label: t('asItIs') },
          ...SHEENS.map((value) => ({ value, label: sheens(value) })),
        ]}
        onChange={(value) => put({ sheen: value === AS_IT_IS ? null : (value as Sheen) })}
      />
      {target.extent && SIZED.has(work.act) && (
        <div className="grid grid-cols-3 gap-x-4">
          {SIZES.map((size) => (
            <LengthField
              key={size}
              label={t(`afterSize.${size}`)}
              draftKey={`${work.id}-${size}`}
              valueMm={after[size] ?? target.extent?.[size] ?? 0}
              unit={unit}
              onCommit={(mm) => {
                if (mm <= 0) return { took: false, message: t('sizeRefused') };
                put({ [size]: mm });
                return TAKEN;
              }}
            />
          ))}
        </div>
      )}
    </>
  );
}

type Coloured = Work['after'] & { colours: Finish['colours'] };
type Pattern = Finish['pattern'];
const PLAIN: Pattern = { kind: 'solid', repeatMm: 0 };
/** A pattern that was just chosen repeats so. */
const REPEAT = inches(12);
/** What the second colour of a pattern begins with: the first, darker. */
const darker = ({ l, a, b }: Swatch): Swatch => ({ l: Math.max(0, l - 25), a, b, share: 0.5 });

/** The pattern of paper, film or cloth, how often it repeats, and its second colour. */
function PatternFields({
  workId,
  after,
  put,
}: {
  workId: string;
  after: Coloured;
  put: (patch: Partial<Work['after']>) => void;
}): ReactNode {
  const t = useTranslations('works');
  const kinds = useTranslations('stash.patterns');
  const { file, preview } = useRoom();
  const pattern = after.pattern ?? PLAIN;
  const [main, second = darker(main)] = after.colours as [Swatch, Swatch?];
  const choose = (kind: Pattern['kind']) => {
    if (kind === 'solid') put({ pattern: PLAIN, colours: [{ ...main, share: 1 }] });
    else
      put({
        pattern: { kind, repeatMm: pattern.repeatMm || REPEAT },
        colours: [{ ...main, share: 0.5 }, second],
      });
  };
  return (
    <>
      <Select
        label={t('pattern')}
        value={pattern.kind}
        options={PATTERN_KINDS.map((value) => ({ value, label: kinds(value) }))}
        onChange={choose}
      />
      {pattern.kind !== 'solid' && (
        <div className="grid grid-cols-2 items-end gap-x-4">
          <LengthField
            label={t('repeat')}
            draftKey={`${workId}-repeat`}
            valueMm={pattern.repeatMm}
            unit={file.room.unit}
            onCommit={(repeatMm) => {
              put({ pattern: { ...pattern, repeatMm } });
              return TAKEN;
            }}
          />
          <ColourField
            label={t('second')}
            colours={[second]}
            onPreview={() => preview(null)}
            onCommit={([colour]) => put({ colours: [{ ...main, share: 0.5 }, colour ?? second] })}
          />
        </div>
      )}
    </>
  );
}

const isSameColour = (
  a: { l: number; a: number; b: number },
  b: { l: number; a: number; b: number },
): boolean => a.l === b.l && a.a === b.a && a.b === b.b;

/** The colours that the thing has now. */
function useColoursNow({ on, of, itemId }: Work): Finish['colours'] {
  const { file } = useRoom();
  const { room } = file;
  if (on === 'trim') return room.trimFinish.colours;
  if (on === 'floor') return room.floorFinish.colours;
  if (on === 'wall' && of) return finishOfWall(room, of).colours;
  const thing = [...file.items, ...file.pieces, ...file.fittings].find(({ id }) => id === (itemId ?? of));
  return thing?.colours ?? room.wallFinish.colours;
}

/** What it costs, how long it takes and waits, whether it can be undone and was tried. */
function CostFields({ work, set }: { work: Work } & SetWork): ReactNode {
  const t = useTranslations('works');
  const currency = useCurrency();
  const number = (field: 'cost' | 'minutes' | 'waitHours', most: number, per = 1) => (
    <NumberField
      label={t(`fields.${field}`)}
      suffix={field === 'cost' ? currency : t(`units.${field}`)}
      draftKey={`${work.id}-${field}`}
      value={work[field] === null ? null : work[field] / per}
      decimals={field === 'cost' ? 2 : 1}
      examples={field === 'cost' ? '24' : '90'}
      range={[0, most]}
      onClear={() => set({ [field]: null })}
      onCommit={(typed) => {
        set({ [field]: field === 'waitHours' ? typed : Math.round(typed * per) });
        return TAKEN;
      }}
    />
  );
  return (
    <>
      <div className="grid grid-cols-3 gap-x-4">
        {number('cost', MOST_COST, 100)}
        {number('minutes', MOST_MINUTES)}
        {number('waitHours', MOST_HOURS)}
      </div>
      <div className="grid grid-cols-2 gap-x-4">
        <div>
          <p className="mb-1 font-narrow text-[13px] text-soft" aria-hidden="true">
            {t('undo')}
          </p>
          <RadioGroup
            label={t('undo')}
            value={work.undo}
            options={WORK_UNDO.map((value) => ({ value, label: t(`undos.${value}`) }))}
            onChange={(undo) => set({ undo })}
          />
        </div>
        <div>
          <p className="mb-1 font-narrow text-[13px] text-soft" aria-hidden="true">
            {t('trial')}
          </p>
          <RadioGroup
            label={t('trial')}
            value={work.trial}
            options={WORK_TRIAL.map((value) => ({ value, label: t(`trials.${value}`) }))}
            onChange={(trial) => set({ trial })}
          />
        </div>
      </div>
      <TextField
        label={t('note')}
        draftKey={`${work.id}-note`}
        value={work.note}
        onCommit={(note) => {
          set({ note: note.slice(0, 2000) });
          return TAKEN;
        }}
      />
    </>
  );
}
