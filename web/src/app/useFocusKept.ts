import { useEffect } from 'react';

const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

/** A button that rests longer than this, in ms, has nothing to do any more. */
const restsForGood = 1500;

const page = () => document.querySelector<HTMLElement>('main') ?? document.getElementById('root');

const inOrder = () => [...(page()?.querySelectorAll<HTMLElement>(focusable) ?? [])].filter(isSeen);

const isSeen = (element: HTMLElement) => element.getClientRects().length > 0;

const isLost = () => document.activeElement === null || document.activeElement === document.body;

const heading = () => page()?.querySelector<HTMLElement>('h1, h2') ?? page();
/** Where a page itself says that one goes on, such as the sheet whose keys are heard. */
const marked = () =>
  page()?.closest<HTMLElement>('[data-goes-on]') ??
  page()?.querySelector<HTMLElement>('[data-goes-on]') ??
  null;

/** Puts the focus on something that may not be reached by Tab otherwise. */
function focusOn(element: HTMLElement | null) {
  if (element) {
    if (!element.matches(focusable)) {
      element.tabIndex = -1;
      element.style.outline = 'none';
    }
    element.focus({ preventScroll: true });
  }
}

/**
 * Where the focus goes when what had it is gone, the one rule for every screen: a button that only rests gets it back when it can
 * be pressed again, or what follows it where it rests for good; where something was taken away it goes to what took its place; on a new page to its heading.
 *
 * @param address which page is shown
 */
export function useFocusKept(address: string) {
  useEffect(() => {
    let last: HTMLElement | undefined;
    let place = 0;
    let rests = false;
    let resting = 0;
    const onFocus = (event: FocusEvent) => {
      last = event.target as HTMLElement;
      place = Math.max(0, inOrder().indexOf(last));
      rests = false;
    };
    const goOn = () => {
      const there = inOrder();
      focusOn(marked() ?? there[Math.min(place, there.length - 1)] ?? heading());
    };
    const look = () => {
      if (!last || document.querySelector('[role=dialog]')) {
        return;
      }
      if (last.matches(':disabled') && isSeen(last)) {
        // The browser takes the focus away some time after a button is disabled: it is given back, or goes on.
        rests = true;
        window.clearTimeout(resting);
        resting = window.setTimeout(() => {
          if (last?.matches(':disabled') && isLost()) {
            goOn();
          }
        }, restsForGood);
        return;
      }
      if (!isLost()) {
        return;
      }
      if (last.closest('[data-waits]') && !last.isConnected) {
        // What was asked for on such a line is still to come; until it is there no key may go elsewhere.
        focusOn(marked());
        return;
      }
      if (last.isConnected && isSeen(last)) {
        // Pressed again later where it rested; otherwise somebody has clicked beside it.
        if (rests) {
          last.focus({ preventScroll: true });
        }
        return;
      }
      goOn();
    };
    let waiting = 0;
    const observer = new MutationObserver(() => {
      // Seen at once: a button that rests for a blink has lost the focus all the same.
      rests ||= last?.matches(':disabled') ?? false;
      window.cancelAnimationFrame(waiting);
      waiting = window.requestAnimationFrame(look);
    });
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    document.addEventListener('focusin', onFocus);
    return () => {
      observer.disconnect();
      window.cancelAnimationFrame(waiting);
      window.clearTimeout(resting);
      document.removeEventListener('focusin', onFocus);
    };
  }, []);
  useEffect(() => {
    const waiting = window.requestAnimationFrame(() => {
      if (isLost()) {
        focusOn(marked() ?? heading());
      }
    });
    return () => window.cancelAnimationFrame(waiting);
  }, [address]);
}

/** The window's title says which page this is: its heading, which may come later. */
export function usePageTitle() {
  useEffect(() => {
    const say = () => {
      const title = document.querySelector('h1')?.textContent?.trim();
      document.title = title ? `${title} · Bemble` : 'Bemble';
    };
    say();
    const observer = new MutationObserver(say);
    observer.observe(document.body, { childList: true, subtree: true, characterData: true });
    return () => observer.disconnect();
  }, []);
}
