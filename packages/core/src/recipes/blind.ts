import { blank } from './wording.ts';

/** "Line with baking paper and beans", "baking beans", "remove the paper and the rice": what a case is baked blind with is no food. */
export const blindBeans =
  /\b(?:baking|ceramic|pie) (?:beans|weights)\b|(?<=\b(?:line|fill|cover|remove|lift|take|discard)\w*\b[^.;,]*\b(?:paper|parchment|foil)\b) (?:and|with|plus) (?:fill (?:it )?with |weigh (?:it )?down with )?(?:the |some |dried |baking |ceramic |raw )*(?:beans|rice|lentils|pulses|weights)\b(?=\W*$|[.,;)]| (?:and|then|or)\b)/gi;
const taken = /(?<=\b(?:remove|lift|take|tip|discard)\b[^.;,]*)\b(?:beans|rice|lentils|pulses|weights)\b/gi;

/** Where a case is baked blind, what is taken out of it: "remove the beans", once. */
export class BlindBaking {
  private isFilled = false;

  /** A clause without the beans that are taken out of a case, whatever beans the recipe has. */
  without(text: string): string {
    const rest = this.isFilled ? text.replace(taken, blank) : text;
    if (rest !== text) this.isFilled = false;
    else this.isFilled ||= /\bblind\b/i.test(text) || text.search(blindBeans) >= 0;
    return rest;
  }
}
