import type { Household } from '@/core/household';
import { onDevice } from '@/store/small';

/** Read by the script in the page's head before the first paint: never change it alone. */
const THEME_KEY = 'gander.theme';

/** Puts a theme on the page and keeps it for the next one. */
export function applyTheme(theme: Household['theme']): void {
  onDevice.set(THEME_KEY, theme);
  const dark = theme === 'night' || (theme === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset.theme = dark ? 'night' : 'day';
}
