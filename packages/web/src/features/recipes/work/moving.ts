import type { StepId } from '@lupin/core';
import type { Card, Picture } from './layout.ts';

const middle = ({ x, width, y, height }: Card) => ({ x: x + width / 2, y: y + height / 2 });

/**
 * The card that an arrow leads to: down and up along the streams, and where there is none the nearest in that direction; left and right the nearest
 * beside it. Undefined for other keys, and where there is nothing.
 */
export function nextCard({ cards, streams }: Picture, from: StepId, key: string): StepId | undefined {
  const here = cards.find((card) => card.work.step.id === from);
  if (!here) return undefined;
  const at = middle(here);
  const isSideways = key === 'ArrowLeft' || key === 'ArrowRight';
  const isThere = (card: Card): boolean => {
    const to = middle(card);
    switch (key) {
      case 'ArrowDown':
        return card.row > here.row;
      case 'ArrowUp':
        return card.row < here.row;
      case 'ArrowLeft':
        return to.x < at.x;
      case 'ArrowRight':
        return to.x > at.x;
      default:
        return false;
    }
  };
  const along = (card: Card): boolean =>
    streams.some(
      ({ from: a, to: b }) =>
        (a === from && b === card.work.step.id && key === 'ArrowDown') ||
        (b === from && a === card.work.step.id && key === 'ArrowUp'),
    );
  const away = (card: Card): number => {
    const to = middle(card);
    const [dx, dy] = [Math.abs(to.x - at.x), Math.abs(to.y - at.y)];
    // Beside means in the same row before anything else.
    return isSideways ? dx + 4 * dy : 2 * dx + dy;
  };
  const there = cards.filter((card) => card !== here && isThere(card));
  const first = there.filter(along).toSorted((a, b) => away(a) - away(b))[0];
  return (first ?? there.toSorted((a, b) => away(a) - away(b))[0])?.work.step.id;
}
