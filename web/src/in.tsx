import { begin } from './app/begin';
import { In } from './screens/In';

begin(<In />);
