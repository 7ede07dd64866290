import { putOnPage } from './app/onPage';
import { In } from './screens/In';

putOnPage(<In />);
