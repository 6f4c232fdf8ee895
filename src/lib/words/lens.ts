import type { LensPicture } from '#core/drawing/lens/lens-picture.ts';
import type { PairVerdict } from '#core/joints/pair-verdict.ts';
import { JOINT_WORDS } from './joints.ts';
import { sayCause, VERDICT_NAMES } from './pair-verdicts.ts';

/** What the lens shows, for those who do not see it and for those who do. */
export function sayLens(picture: LensPicture, verdict: PairVerdict): string {
  const { showing, angles } = picture;
  const said = [
    verdict.joint !== null
      ? `Cut open, to scale. It seals where the line is brass: ${lower(JOINT_WORDS[verdict.joint].seals)}`
      : verdict.verdict === 'never-seals'
        ? `Cut open, to scale. It touches or jams where the line is broken and red, and seals nowhere.`
        : verdict.verdict === 'ask'
          ? 'One of the two is not known, so it cannot be drawn.'
          : 'Apart, to one scale: they do not go together.',
  ];
  const [first, second] = angles;
  if (first && second && first.degrees !== second.degrees)
    said.push(`${first.degrees}° against ${second.degrees}°.`);
  if (verdict.joint !== null && showing.length > 0)
    said.push(`${showing.length} crests of the male stand outside the face.`);
  return said.join(' ');
}

const lower = (said: string): string => said.charAt(0).toLowerCase() + said.slice(1);

/** The verdict with its cause, as one sentence. */
export const sayVerdictAloud = (verdict: PairVerdict): string =>
  [`${VERDICT_NAMES[verdict.verdict].replace(' …', '')}.`, sayCause(verdict)].filter(Boolean).join(' ');
