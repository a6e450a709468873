import { openDemo } from '@/store/demo';
import demoUrl from '../../demo/household.gander.json?url';

/** Loads the demo household that ships with the app and makes it the open one. Reload or go on to a page afterwards. */
export async function enterDemo(): Promise<void> {
  const answer = await fetch(demoUrl);
  if (!answer.ok) throw new Error(`The demo household could not be loaded (answer ${answer.status}).`);
  await openDemo(await answer.text(), Date.now());
}
