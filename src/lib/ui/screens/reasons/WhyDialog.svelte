<script lang="ts">
  import type { RuleId } from '#core/house-rules';
  import type { Result } from '#core/outcome';
  import type { PlannedChange } from '#core/runs/changes';
  import type { Refusal } from '#words/refusals.ts';
  import { explain, type Term, type Working } from '#core/runs/explaining';
  import { nameRef } from '#core/runs/reading';
  import { findEnd, findPiece, type RunLayout } from '#core/runs/layout';
  import type { LengthUnit } from '#core/units';
  import { FORMULAS, QUANTITY_NAMES, saySource, sayTerm, sayValues } from '#words/formulas.ts';
  import { getRuleTitle, sayChoice } from '#words/house-rules.ts';
  import { sayRef } from '#words/refs.ts';
  import { namePart, namePort } from '#words/parts.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import JointPanel from './JointPanel.svelte';

  interface Props {
    /** The run; may be missing while nothing is asked. */
    layout: RunLayout | null;
    unit: LengthUnit;
    /** The piece or joint asked about; null when nothing is. */
    id: string | null;
    onrule: (rule: RuleId) => void;
    onwhy: (id: string) => void;
    /** A change planned here: how a joint is clocked. */
    onchange: (planned: PlannedChange) => Result<void, Refusal>;
  }
  let { layout, unit, id = $bindable(), onrule, onwhy, onchange }: Props = $props();
  const explanation = $derived(id === null || !layout ? null : explain(layout, id));
  const piece = $derived(id === null || !layout ? null : findPiece(layout, id));
  const leg = $derived(id === null ? null : (layout?.legs.get(id) ?? null));
  const end = $derived(id === null || leg || !layout ? null : findEnd(layout, id));
  const joint = $derived(end?.joint ?? null);
  const title = $derived(
    piece
      ? `Why leg ${piece.mark} is cut so`
      : leg
        ? `Why leg ${leg.leg.tag} is so long`
        : joint
          ? namePart(joint.part)
          : 'Not in the run any more',
  );

  /** Where a term was read: from what to what. */
  function sayMeasureOf({ measure: of }: Term): string {
    const measure = of === null ? null : layout?.doc.measures[of];
    if (!measure || !layout) return '';
    const [from, to] = [nameRef(layout, measure.from), nameRef(layout, measure.to)];
    return `from ${sayRef(from, unit)} to ${sayRef(to, unit)}`;
  }

  /** Sources of a working's figures, each once. */
  const getSources = (working: Working): string[] => [
    ...new Set(
      working.terms.flatMap((term) => {
        const source = saySource(term) || sayMeasureOf(term);
        return source ? [`${QUANTITY_NAMES[term.quantity]} ${sayTerm(term, unit)}: ${source}`] : [];
      }),
    ),
  ];
</script>

<Dialog
  bind:open={
    () => id !== null,
    (open) => {
      if (!open) id = null;
    }
  }
  {title}
>
  {#if joint && end && layout}
    {#key end.id}<JointPanel {end} {layout} {unit} {onchange} />{/key}
  {/if}
  {#if explanation}
    <ol class="flex flex-col gap-4">
      {#each explanation.workings as working, i (i)}
        <li class="border-t border-base-300 pt-3">
          <p class="flex flex-wrap items-baseline gap-x-2">
            <strong class="text-lg">{QUANTITY_NAMES[working.result.quantity]}</strong>
            <span class="chart-label">= {FORMULAS[working.formula].says}</span>
          </p>
          <p class="text-xl">
            {sayValues(working, unit)} = <strong>{sayTerm(working.result, unit)}</strong>
          </p>
          {#each getSources(working) as source (source)}
            <p class="text-sm text-secondary">{source}</p>
          {/each}
          {#if working.rule && layout}
            {@const rule = working.rule}
            <p class="text-sm">
              House rule decides: {getRuleTitle(rule)}, {sayChoice(rule, layout.rules[rule], unit)}
              <button type="button" class="tap btn btn-ghost underline" onclick={() => onrule(rule)}
                >change it</button
              >
            </p>
          {/if}
        </li>
      {/each}
    </ol>
  {:else if id !== null}
    <p>Nothing can be worked out here yet. The list of what to look at says what is missing.</p>
  {/if}
  {#if piece}
    <p class="flex flex-wrap gap-2">
      {#each piece.ends as pieceEnd, i (pieceEnd.id)}
        {#if pieceEnd.joint}
          <button type="button" class="tap btn" onclick={() => onwhy(pieceEnd.id)}>
            Joint {i === 0 ? 'A' : 'B'}: {namePort(pieceEnd.joint.part, pieceEnd.joint.port.id)}
          </button>
        {/if}
      {/each}
    </p>
  {/if}
</Dialog>
