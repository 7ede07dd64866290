import { newKey } from '../api/newKey';

const place = 'bemble window';

function named() {
  try {
    const name = sessionStorage.getItem(place) ?? newKey();
    sessionStorage.setItem(place, name);
    return name;
  } catch {
    return newKey();
  }
}

/** What this window is called; a reload does not change it. */
export const thisWindow = named();
