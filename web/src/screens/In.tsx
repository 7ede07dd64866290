import { useFocusKept, usePageTitle } from '../app/useFocusKept';
import './children.css';
import { InScreen } from './InScreen';
import { useOpenPaper } from './openPaper';

/** The children's program: it has nothing of the teacher's in it, since their devices fetch it over a slow line. */
export function In() {
  useFocusKept(String(useOpenPaper()));
  usePageTitle();
  return <InScreen />;
}
