<script lang="ts">
  // The figures that an option of a house rule needs, each refused at its place.
  import { judgeOwnEngagement, type EngagementDoubt } from '#core/allowances';
  import { APPLIANCE_KINDS } from '#core/catalogue';
  import { catalogue } from '../../catalogue.ts';
  import {
    readFigureKey,
    type EngagementChoice,
    type FigureKey,
    type HouseRules,
    type RuleId,
    type TurnsWindows,
  } from '#core/house-rules';
  import type { CopperSize } from '#core/ends';
  import { accept } from '#core/outcome';
  import { parseMeasure, INCH, type Length, type LengthUnit } from '#core/units';
  import { APPLIANCE_KIND_NAMES } from '#words/appliances.ts';
  import { sayEngagementDoubt } from '#words/findings.ts';
  import { sayLength, sayTyped } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import type { ShoeMark } from '#core/bending';
  import MeasureField from '../../controls/MeasureField.svelte';
  import BenderMarkPicture from '../../instruments/BenderMarkPicture.svelte';

  interface Props {
    rule: RuleId;
    choice: HouseRules[RuleId];
    unit: LengthUnit;
    /** The sizes whose own figures can be entered. */
    keys: readonly FigureKey[];
    onchoose: (choice: object) => void;
  }
  let { rule, choice, unit, keys, onchoose }: Props = $props();
  let wrong = $state<Record<string, string>>({});
  const choose = (next: object) => {
    wrong = {};
    onchoose(next);
  };

  /** Turns past hand-tight as typed; null where they are none. */
  function readTurns(typed: string): number | null {
    const turns = Number(typed.replace(',', '.'));
    return typed.trim() !== '' && turns >= 0 && turns <= 6 ? turns : null;
  }
  const sayNoTurns = (typed: string) =>
    `Read “${typed}”. Turns past hand-tight are a number from 0 to 6, such as 2.5.`;

  function setTurns(which: 'upTo2in' | 'above2in', typed: string): void {
    const turns = readTurns(typed);
    if (turns === null) wrong = { [which]: sayNoTurns(typed) };
    else choose({ ...choice, [which]: turns });
  }

  function setWindow(
    windows: TurnsWindows,
    group: keyof TurnsWindows,
    bound: 'least' | 'most',
    typed: string,
  ): void {
    const turns = readTurns(typed);
    const window = { ...windows[group], ...(turns === null ? {} : { [bound]: turns }) };
    if (turns === null) wrong = { [`${group}-${bound}`]: sayNoTurns(typed) };
    else if (window.least > window.most)
      wrong = {
        [`${group}-${bound}`]: `Read ${window.least} to ${window.most}: the least is over the most. Change the other one first.`,
      };
    else choose({ ...windows, [group]: window });
  }

  function findDoubt(key: FigureKey, figure: Length | undefined): EngagementDoubt | null {
    const { size, family } = readFigureKey(key);
    const thread = catalogue.findThread(size, family);
    return thread && figure !== undefined ? judgeOwnEngagement(thread, figure) : null;
  }
  function sayDoubt(key: FigureKey, figure: Length | undefined): string {
    const doubt = findDoubt(key, figure);
    return doubt ? sayEngagementDoubt(doubt, unit) : '';
  }

  type OwnFigures = Extract<EngagementChoice, { option: 'own-measured' }>['figures'];
  function setFigure(figures: OwnFigures, key: FigureKey, typed: string): void {
    const reading = typed.trim() ? parseMeasure(typed, unit) : accept(null);
    if (!reading.ok) wrong = { [key]: sayRefusal(reading.refusal) };
    else if (reading.value && findDoubt(key, reading.value.length)?.code === 'over-thread')
      wrong = {
        [key]: `Read ${sayTyped(reading.value.length, unit)}. ${sayDoubt(key, reading.value.length)}`,
      };
    else {
      const rest = Object.fromEntries(Object.entries(figures).filter(([other]) => other !== key));
      choose({
        option: 'own-measured',
        figures: reading.value ? { ...rest, [key]: reading.value.length } : rest,
      });
    }
  }

  /** Of pipe that is laid, and of the ground: degrees Fahrenheit. */
  function setDegrees(which: 'laying' | 'coldest', typed: string): void {
    const degrees = Number(typed.trim().replace(/\s*°?\s*F?$/i, ''));
    if (typed.trim() !== '' && degrees >= -60 && degrees <= 160) choose({ ...choice, [which]: degrees });
    else wrong = { [which]: `Read “${typed}”. Degrees Fahrenheit are a number from -60 to 160, such as 85.` };
  }

  const LENGTHS = {
    tolerance: 'a nipple may be off by',
    length: 'grip between the threads',
    width: 'width of the blade’s cut',
  } as const;
  /** What the length of a rule’s own way is. */
  const OWN_LENGTHS: Readonly<Partial<Record<RuleId, string>>> = {
    'trap-room': 'room for the wrench',
    'bender-mark': 'front of the shoe, before the bend begins',
    'bend-straight': 'straight tube between two bends',
    'press-spacing': 'pipe between two pressed fittings',
    'support-ends': 'first support from the fitting',
    'fusion-loss': 'a fused joint takes',
  };
  const field = $derived(
    (Object.keys(LENGTHS) as (keyof typeof LENGTHS)[]).find(
      (each) => each in choice && choice.option !== 'cut-in-house',
    ),
  );
  const figure = $derived(field && (choice as unknown as Record<string, Length>)[field]);
  const BENT_SIZES: readonly CopperSize[] = ['1/4 ACR', '5/16 ACR', '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '6 mm', '8 mm', '10 mm', '12 mm', '15 mm', '22 mm']; // prettier-ignore
  function setRadius(
    radii: Readonly<Partial<Record<CopperSize, Length>>>,
    size: CopperSize,
    radius: Length | null,
  ): void {
    const rest = Object.fromEntries(Object.entries(radii).filter(([other]) => other !== size));
    choose({ option: 'own', radii: radius === null ? rest : { ...rest, [size]: radius } });
  }
  /** Figures of the other rules: the most they can be, and how they are kept. */
  function setLength(which: keyof typeof LENGTHS, length: Length | null): void {
    if (length === null) return;
    const most = which === 'length' ? 24 * INCH : INCH;
    if (length <= most) choose({ ...choice, [which]: length });
    else
      wrong = {
        [which]: `Read ${sayTyped(length, unit)}: at most ${sayLength(most, unit)} makes sense here.`,
      };
  }
</script>

{#if rule === 'bender-mark'}<BenderMarkPicture mark={choice.option as ShoeMark} />{/if}
{#if choice.option === 'hand-tight-plus-turns'}
  <div class="flex flex-wrap gap-4">
    {#each [['upTo2in', 'Turns, sizes up to 2'], ['above2in', 'Turns, sizes from 2-1/2 up']] as const as [which, label] (which)}
      <label class="flex flex-col text-sm"
        >{label}
        <input
          class="tap input w-28"
          inputmode="decimal"
          value={choice[which]}
          aria-invalid={wrong[which] ? 'true' : undefined}
          onchange={(event) => setTurns(which, event.currentTarget.value)}
        />
        {#if wrong[which]}<span role="alert" class="max-w-60 text-error">{wrong[which]}</span>{/if}
      </label>
    {/each}
  </div>
{:else if choice.option === 'own-window'}
  <div class="flex flex-wrap gap-x-6 gap-y-2">
    {#each [['upTo2in', 'NPT, sizes up to 2'], ['above2in', 'NPT, sizes from 2-1/2 up'], ['british', 'R, any size']] as const as [group, label] (group)}
      <div class="flex flex-wrap items-end gap-2" role="group" aria-label={label}>
        {#each ['least', 'most'] as const as bound (bound)}
          {@const key = `${group}-${bound}`}
          <label class="flex flex-col text-sm"
            >{bound === 'least' ? `${label}, turns` : 'to'}
            <input
              class="tap input w-24"
              inputmode="decimal"
              value={choice[group][bound]}
              aria-invalid={wrong[key] ? 'true' : undefined}
              onchange={(event) => setWindow(choice, group, bound, event.currentTarget.value)}
            />
            {#if wrong[key]}<span role="alert" class="max-w-60 text-error">{wrong[key]}</span>{/if}
          </label>
        {/each}
      </div>
    {/each}
  </div>
  <p class="text-sm text-secondary">
    A window of a turn or more always holds a stop where the fitting points right; a narrower one may hold
    none.
  </p>
{:else if choice.option === 'own-measured'}
  <p class="text-sm">Engagement measured on your own made-up test pieces, for the sizes of this run:</p>
  <div class="flex flex-wrap gap-4">
    {#each keys as size (size)}
      {@const measured = choice.figures[size]}
      <label class="flex flex-col text-sm"
        >{size}
        <input
          class="tap input w-32"
          value={measured === undefined ? '' : sayTyped(measured, unit)}
          placeholder="not measured"
          aria-invalid={wrong[size] ? 'true' : undefined}
          onchange={(event) => setFigure(choice.figures, size, event.currentTarget.value)}
        />
        {#if wrong[size]}<span role="alert" class="max-w-60 text-error">{wrong[size]}</span
          >{:else if sayDoubt(size, measured)}<span role="alert" class="max-w-60 font-medium text-warning"
            >Ask. {sayDoubt(size, measured)}</span
          >{/if}
      </label>
    {:else}<p class="text-sm">Lay out a leg first, then enter the figure of its size.</p>{/each}
  </div>
{:else if choice.option === 'own-list'}
  <div class="flex flex-wrap gap-x-5" role="group" aria-label="Kinds on the list">
    {#each APPLIANCE_KINDS as kind (kind)}
      <label class="tap flex items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox"
          checked={choice.kinds.includes(kind)}
          onchange={(event) =>
            choose({
              option: 'own-list',
              kinds: APPLIANCE_KINDS.filter((each) =>
                each === kind ? event.currentTarget.checked : choice.kinds.includes(each),
              ),
            })}
        />{APPLIANCE_KIND_NAMES[kind]}</label
      >
    {/each}
  </div>
{:else if choice.option === 'own' && 'laying' in choice}
  <div class="flex flex-wrap gap-4">
    {#each [['laying', 'pipe as it is laid, °F'], ['coldest', 'ground at its coldest, °F']] as const as [which, label] (which)}
      <label class="flex flex-col text-sm"
        >{label}
        <input
          class="tap input w-28"
          inputmode="numeric"
          value={choice[which]}
          aria-invalid={wrong[which] ? 'true' : undefined}
          onchange={(event) => setDegrees(which, event.currentTarget.value)}
        />
        {#if wrong[which]}<span role="alert" class="max-w-60 text-error">{wrong[which]}</span>{/if}
      </label>
    {/each}
  </div>
{:else if choice.option === 'own' && 'radii' in choice}
  <p class="text-sm">Radius to the tube’s centre line, as it stands on your benders:</p>
  <div class="flex flex-wrap gap-4">
    {#each BENT_SIZES as size (size)}
      <MeasureField
        label={size}
        {unit}
        value={choice.radii[size] ?? null}
        placeholder="as stated"
        optional
        width="w-28"
        onmeasure={(radius) => setRadius(choice.radii, size, radius)}
      />
    {/each}
  </div>
{:else if field && figure !== undefined}
  <MeasureField
    label={OWN_LENGTHS[rule] ?? LENGTHS[field]}
    {unit}
    value={figure}
    onmeasure={(length) => setLength(field, length)}
  />
  {#if wrong[field]}<p role="alert" class="text-error">{wrong[field]}</p>{/if}
{/if}
