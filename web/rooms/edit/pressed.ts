/** Which of two is chosen, told apart from the one action that comes next. */
export function pressed(isPressed: boolean): string {
  return isPressed ? 'border-2 border-action! bg-action-ground!' : '';
}
