import type { Schemas } from '../api/client';

/** What a column or a stair of an operation is headed with. */
export const operationNames: Record<Schemas['Operation'], string> = {
  addition: 'Addition',
  subtraction: 'Subtraction',
  multiplication: 'Multiplication',
  division: 'Division',
  'square-root': 'Square roots',
};
