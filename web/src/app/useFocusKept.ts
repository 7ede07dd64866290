import { useEffect } from 'react';
import { useLocation } from 'react-router';

const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

const page = () => document.querySelector<HTMLElement>('main') ?? document.getElementById('root');

const inOrder = () => [...(page()?.querySelectorAll<HTMLElement>(focusable) ?? [])].filter(isSeen);

const isSeen = (element: HTMLElement) => element.getClientRects().length > 0;

const isLost = () => document.activeElement === null || document.activeElement === document.body;

const heading = () => page()?.querySelector<HTMLElement>('h1, h2') ?? page();
/** Where a page itself says that one goes on, such as the sheet whose keys are heard. */
const marked = () =>
  page()?.closest<HTMLElement>('[data-goes-on]') ?? page()?.querySelector<HTMLElement>('[data-goes-on]');

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
 * be pressed again; where something was taken away it goes to what took its place; on a new page to its heading.
 */
export function useFocusKept() {
  const { pathname } = useLocation();
  useEffect(() => {
    let last: HTMLElement | undefined;
    let place = 0;
    let wasDisabled = false;
    const onFocus = (event: FocusEvent) => {
      last = event.target as HTMLElement;
      place = Math.max(0, inOrder().indexOf(last));
    };
    const look = () => {
      // Where a line was typed on, its own screen says where the keys are heard next.
      if (!last || last.matches('input, textarea') || !isLost() || document.querySelector('[role=dialog]')) {
        return;
      }
      if (last.isConnected && isSeen(last)) {
        // Still there: it rests, and is pressed again later, or somebody has clicked beside it.
        if (wasDisabled && last.matches(focusable)) {
          last.focus({ preventScroll: true });
        }
        wasDisabled = last.matches(':disabled');
        return;
      }
      const there = inOrder();
      focusOn(marked() ?? there[Math.min(place, there.length - 1)] ?? heading());
    };
    let waiting = 0;
    const observer = new MutationObserver(() => {
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
  }, [pathname]);
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
