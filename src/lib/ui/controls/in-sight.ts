/** Of a row that slides sideways in the hand: the one that is current is brought into sight. */
export const keepInSight =
  (isCurrent: boolean) =>
  (element: HTMLElement): void => {
    if (isCurrent) element.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  };
