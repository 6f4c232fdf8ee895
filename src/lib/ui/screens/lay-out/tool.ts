/**
 * What the hand is doing on Lay out: one thing at a time. `from` is the point the run grows from when the hand comes back to that:
 * null for the tip.
 */
export type Tool =
  | { readonly kind: 'growing'; readonly from: string | null }
  /** Looking at a leg, or at a part in it: what is typed is its measure. */
  | {
      readonly kind: 'looking';
      readonly leg: string;
      readonly part: string | null;
      readonly from: string | null;
    }
  /** The next leg goes in between this leg and what hangs on its far end. */
  | { readonly kind: 'inserting'; readonly leg: string; readonly from: string | null }
  /** This leg is hung on the next point picked. */
  | { readonly kind: 'moving'; readonly leg: string; readonly from: string | null };

/** What can happen to it. */
export type Handling =
  | { readonly does: 'grow-on' }
  | { readonly does: 'grow-from'; readonly point: string }
  | { readonly does: 'look'; readonly leg: string; readonly part: string | null }
  | { readonly does: 'let-go-of-part' }
  | { readonly does: 'insert-after' | 'move'; readonly leg: string }
  /** A leg was entered: the run grows on from its tip, and from where it was where the leg was closed at once. */
  | { readonly does: 'entered'; readonly isClosed: boolean };

export const IDLE: Tool = { kind: 'growing', from: null };

/** The tool after something happened to it. */
export function handle(tool: Tool, handling: Handling): Tool {
  const { from } = tool;
  switch (handling.does) {
    case 'grow-on':
      return { kind: 'growing', from };
    case 'grow-from':
      return { kind: 'growing', from: handling.point };
    case 'look':
      return { kind: 'looking', leg: handling.leg, part: handling.part, from };
    case 'let-go-of-part':
      return tool.kind === 'looking' ? { ...tool, part: null } : tool;
    case 'insert-after':
      return { kind: 'inserting', leg: handling.leg, from };
    case 'move':
      return { kind: 'moving', leg: handling.leg, from };
    case 'entered':
      return { kind: 'growing', from: handling.isClosed ? from : null };
  }
}
