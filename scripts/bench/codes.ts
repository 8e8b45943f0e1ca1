// Codes from one number on, a line each: for balls that a benchmark winds by the thousand.
import { codeOf } from '../../src/lib/core/code/code';

const [first = 0, count = 0] = process.argv.slice(2).map(Number);
for (let nth = 0; nth < count; nth++) console.log(codeOf(first + nth));
