import { useFocusKept, usePageTitle } from '../app/useFocusKept';
import { InScreen } from './InScreen';

/** The children's program: it has nothing of the teacher's in it, since their devices fetch it over a slow line. */
export function In() {
  useFocusKept();
  usePageTitle();
  return <InScreen />;
}
