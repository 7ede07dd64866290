import { App } from './app/App';
import { begin } from './app/begin';

begin(<App />);
