import type { PupilPaper } from './PupilPaper';

type Part = { default: typeof PupilPaper };

const tryAgainAfter = 2000;

let fetched: Promise<Part> | undefined;

/**
 * The part of the children's program that writes on papers. It comes behind the door, so that over a slow line a child can type
 * the code before it is here; where it cannot be fetched it is asked for until it can.
 */
export const writingPart = () => (fetched ??= fetchIt());

async function fetchIt(again = false): Promise<Part> {
  try {
    return { default: (await import('./PupilPaper')).PupilPaper };
  } catch {
    if (again && (await isServerThere())) {
      // Some browsers remember that a part could not be fetched for as long as the page is open; nothing is written yet.
      window.location.reload();
    }
    await new Promise((resolve) => setTimeout(resolve, tryAgainAfter));
    return fetchIt(true);
  }
}

const isServerThere = () =>
  fetch(window.location.pathname, { method: 'HEAD' }).then(
    (answer) => answer.ok,
    () => false,
  );
