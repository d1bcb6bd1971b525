/**
 * Prints docs/numbers.md: every number by which Lacewing judges, from the tables that it judges with.
 *   npm run numbers
 */
import '../src/lib/core/atlas/all';
import { writeFileSync } from 'node:fs';
import { numbersPage } from '../src/lib/weighing/page';

writeFileSync('docs/numbers.md', numbersPage());
