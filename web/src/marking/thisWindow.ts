import { newKey } from '../api/newKey';

const windowName = 'bemble window';
const unnamed = newKey();

/** What this window is called; a reload does not change it. */
export function thisWindow() {
  try {
    const name = sessionStorage.getItem(windowName) ?? newKey();
    sessionStorage.setItem(windowName, name);
    return name;
  } catch {
    return unnamed;
  }
}
