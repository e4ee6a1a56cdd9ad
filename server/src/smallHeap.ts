import { setFlagsFromString } from 'node:v8';

// V8 lets its heap grow to a multiple of what lives before it clears up, as befits a machine with nothing else to do. A shop's machine has: the
// heap grows by less than a third, and threads made later (documents, plans) keep their youngest objects in little room. Judging and documents
// took no longer for it (docs/benchmarks.md). It must be said before anything fills the heap.
setFlagsFromString('--heap-growing-percent=30');
setFlagsFromString('--max-semi-space-size=4');
