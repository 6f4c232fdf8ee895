<script lang="ts">
  import { getPlaceSpan, type ListedThread, type ThreadPlace } from '#core/catalogue';
  import { getTells, type Observation } from '#core/identify';
  import { getCrestDiameter, makeThreadProfile, type ThreadForm } from '#core/drawing';
  import type { Seat } from '#core/ends';
  import type { SimulatedSpecimen } from '#core/instruments';
  import { toMillimetres } from '#core/units';
  import { nameThread } from '#words/threads.ts';
  import Hatching from './Hatching.svelte';
  import LensFrame from './LensFrame.svelte';

  interface Props {
    observations: readonly Observation[];
    /** The thread laid over the specimen; null when the bench is empty. */
    candidate: ListedThread | null;
    simulated: SimulatedSpecimen | null;
  }
  let { observations, candidate, simulated }: Props = $props();
  const id = $props.id();

  /** The window looks at this many pitches of the coarser thread. */
  const PITCHES = 3.4;

  const find = <Kind extends Observation['kind']>(kind: Kind) =>
    observations.find((each): each is Extract<Observation, { kind: Kind }> => each.kind === kind);

  const toForm = (thread: ListedThread): ThreadForm => ({
    gender: thread.gender,
    perInch: thread.perInch,
    flank: thread.flank,
    crest: thread.flank === 55 ? 'rounded' : 'flat',
    mouth: (thread.crest.low + thread.crest.high) / 2,
    slope: thread.crest.slope,
    cap: thread.crest.cap,
  });

  /** The specimen as far as it was measured; what was not is taken from the candidate and drawn thin. */
  const specimen = $derived.by((): { form: ThreadForm; isMeasured: boolean } | null => {
    if (simulated) {
      const { gender, perInch, flank, crestForm: crest, mouth, slope, cap } = simulated;
      return { form: { gender, perInch, flank, crest, mouth, slope, cap }, isMeasured: true };
    }
    if (!candidate) return null;
    const base = toForm(candidate);
    const leaf = find('leaf');
    const count = find('count');
    const perInch = count
      ? count.threads / (toMillimetres(count.over) / 25.4)
      : leaf?.fit === 'fits'
        ? leaf.perInch
        : null;
    const flank = find('flank');
    const diameter = find('diameter');
    const mouth = diameter
      ? toMillimetres(diameter.length) - base.slope * getMiddle(candidate, diameter.place)
      : null;
    return {
      form: {
        ...base,
        gender: find('gender')?.value ?? base.gender,
        perInch: perInch ?? base.perInch,
        flank: flank ? (Number(flank.value) as 60 | 55 | 29) : base.flank,
        crest: find('crest')?.value ?? (flank?.value === '55' ? 'rounded' : base.crest),
        mouth: mouth ?? base.mouth,
        cap: mouth === null ? base.cap : null,
      },
      isMeasured: perInch !== null && mouth !== null,
    };
  });
  function getMiddle(thread: ListedThread, place: ThreadPlace): number {
    const [from, to] = getPlaceSpan(thread, place);
    return (from + to) / 2;
  }

  const overlay = $derived(
    candidate && specimen?.form.gender === candidate.gender ? toForm(candidate) : null,
  );
  const pitch = $derived(25.4 / Math.min(specimen?.form.perInch ?? 14, overlay?.perInch ?? 99));
  const width = $derived(pitch * PITCHES);
  const middle = $derived(specimen ? getCrestDiameter(specimen.form, width / 2) / 2 : 0);
  /** Male: metal below the crests; female: metal above them. The axis lies below either way. */
  const toScreen = ({ x, y }: { x: number; y: number }) => ({ x: x - width / 2 + pitch / 2, y: middle - y });
  const depth = $derived(0.7 * pitch * (specimen?.form.gender === 'male' ? 1 : -1));
  const toPath = (points: readonly { x: number; y: number }[]) =>
    points
      .map(toScreen)
      .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(4)} ${(y - depth / 2).toFixed(4)}`)
      .join('');
  const crests = $derived(Math.ceil(width / (25.4 / (specimen?.form.perInch ?? 14))) + 1);
  const specimenLine = $derived(specimen ? toPath(makeThreadProfile(specimen.form, crests)) : '');
  const overlayLine = $derived(
    overlay ? toPath(makeThreadProfile(overlay, Math.ceil(width / (25.4 / overlay.perInch)) + 1)) : '',
  );
  /** Metal from the end face to beyond the window, below the crests of a male and above those of a female. */
  const body = $derived.by(() => {
    if (!specimen) return '';
    const side = specimen.form.gender === 'male' ? 1 : -1;
    const own = 25.4 / specimen.form.perInch;
    const face = pitch / 2 - width / 2 - own * 0.35;
    const root = side * 0.62 * own - depth / 2;
    return `M${face} ${side * width * 2}L${face} ${root}L${specimenLine.slice(1)}L${width * 2} ${side * width * 2}Z`;
  });
  const off = $derived(
    specimen && overlay
      ? getCrestDiameter(overlay, width / 2) - getCrestDiameter(specimen.form, width / 2)
      : 0,
  );
  const ANGLES: Partial<Record<Seat, number>> = { '30': 30, '37': 37, '45': 45 };
  const seat = $derived(find('seat')?.value ?? null);
  const seatAngle = $derived(seat ? (ANGLES[seat] ?? null) : null);
  const expectedSeat = $derived.by(() => {
    if (!candidate) return null;
    const [best] = Object.entries(getTells(candidate).seat).toSorted((a, b) => b[1] - a[1]);
    return best ? (ANGLES[best[0] as Seat] ?? null) : null;
  });
  /** A cone at half its angle, in a small window of its own. */
  const toCone = (angle: number) => {
    const rise = 22 * Math.tan((angle * Math.PI) / 180);
    return `M78 90 L100 ${90 - Math.min(rise, 30)}`;
  };
  /** The angle is not told before it is measured. */
  const angles = $derived.by(() => {
    const measured = find('flank')?.value;
    const expected = overlay ? String(overlay.flank) : null;
    if (!measured) return expected ? `${expected}° expected` : '';
    return expected && expected !== measured ? `${measured}° against ${expected}°` : `${measured}°`;
  });
  const description = $derived.by(() => {
    if (!specimen) return 'The lens: nothing on the bench yet.';
    const { form } = specimen;
    const seen = `A ${form.gender} thread, ${simulated ? 'from the practice tray' : `${Number(form.perInch.toFixed(1))} an inch, ${form.flank} degrees`}, crests ${form.crest}.`;
    if (!candidate || !overlay) return seen;
    const gap =
      Math.abs(off) < 0.02
        ? 'the crests lie on each other'
        : `its crests stand ${Math.abs(off).toFixed(2)} mm ${off > 0 ? 'wider' : 'narrower'}`;
    return `${seen} Over it ${nameThread(candidate)}, ${overlay.flank} degrees: ${gap}.`;
  });
</script>

<figure class="m-0 flex flex-col items-center gap-1">
  <LensFrame label={description}>
    {#snippet defs()}
      <Hatching id="{id}-cut" turn={45} apart={3} ground="deep" scale={width / 98} />
    {/snippet}
    {#if specimen}
      <g transform="translate(60 60) scale({98 / width})">
        <path d={body} fill="url(#{id}-cut)" style="transform-box: view-box" class="stroke-none" />
        <path
          d={specimenLine}
          fill="none"
          class="stroke-base-content"
          stroke-width={0.9 * (width / 98)}
          stroke-dasharray={specimen.isMeasured ? undefined : `${2 * (width / 98)} ${1.4 * (width / 98)}`}
        />
        {#if overlayLine}
          <path
            d={overlayLine}
            fill="none"
            stroke="#c07d10"
            stroke-width={1.5 * (width / 98)}
            stroke-dasharray="{4 * (width / 98)} {1.2 * (width / 98)}"
          />
        {/if}
      </g>
      <g class="fill-base-content" font-size="5.4" font-weight="600">
        <text x="60" y="25" text-anchor="middle">{angles}</text>
        {#if overlay && Math.abs(off) >= 0.02}
          <text x="60" y="101" text-anchor="middle"
            >{off > 0 ? '+' : '−'}{Math.abs(off).toFixed(2)} mm across</text
          >
        {/if}
      </g>
      {#if seatAngle !== null || expectedSeat !== null}
        <g fill="none" stroke-width="1.2">
          {#if seatAngle !== null}<path d={toCone(seatAngle)} class="stroke-base-content" />{/if}
          {#if expectedSeat !== null && candidate}<path
              d={toCone(expectedSeat)}
              stroke="#c07d10"
              stroke-dasharray="3 1"
            />{/if}
          <path d="M78 90 H100" class="stroke-secondary" stroke-width="0.5" />
        </g>
        <text x="76" y="88" text-anchor="end" class="fill-base-content" font-size="5"
          >seat {seatAngle ?? '?'}°</text
        >
      {/if}
    {:else}
      <text x="60" y="58" text-anchor="middle" class="fill-base-content" font-size="6">Nothing on</text>
      <text x="60" y="66" text-anchor="middle" class="fill-base-content" font-size="6">the bench yet</text>
    {/if}
  </LensFrame>
  <figcaption class="text-center text-sm leading-snug">
    {#if specimen}
      <span class="font-semibold"
        >{simulated
          ? 'Simulated specimen'
          : specimen.isMeasured
            ? 'As measured'
            : 'Not all measured: drawn as the candidate'}</span
      >{#if candidate && overlay}, brass line: {nameThread(candidate)}{/if}
    {:else}
      Look into the joint here
    {/if}
  </figcaption>
</figure>
