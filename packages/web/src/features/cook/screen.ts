/** What the bench shows: the work (or one thing picked from the list), what stands, or what goes otherwise than planned. */
export type Screen =
  | { readonly kind: 'work'; readonly picked: string | undefined }
  | { readonly kind: 'standing' }
  | { readonly kind: 'slip'; readonly picked: string | undefined };

export type Move =
  | { readonly kind: 'pick'; readonly entry: string }
  | { readonly kind: 'work' }
  | { readonly kind: 'back' }
  | { readonly kind: 'stands' }
  | { readonly kind: 'slip' }
  /** There is another plan: what was picked may be nowhere in it. */
  | { readonly kind: 'replanned' };

export const atWork: Screen = { kind: 'work', picked: undefined };

export function screenAfter(screen: Screen, move: Move): Screen {
  switch (move.kind) {
    case 'pick':
      return { kind: 'work', picked: move.entry };
    case 'work':
      return atWork;
    case 'back':
      return { kind: 'work', picked: pickedOn(screen) };
    case 'stands':
      return screen.kind === 'standing' ? atWork : { kind: 'standing' };
    case 'slip':
      return { kind: 'slip', picked: pickedOn(screen) };
    case 'replanned':
      return screen.kind === 'standing' ? screen : { ...screen, picked: undefined };
    default:
      return move satisfies never;
  }
}

export const pickedOn = (screen: Screen): string | undefined =>
  screen.kind === 'standing' ? undefined : screen.picked;
