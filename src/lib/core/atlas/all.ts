import { CADDISFLIES } from './caddisflies.data';
import { MAYFLIES } from './mayflies.data';
import { OTHER_ANIMALS } from './other-animals.data';
import { keepTaxa } from './shelf';
import { STONEFLIES } from './stoneflies.data';
import { TRUE_FLIES } from './true-flies.data';

// Every taxon of the atlas, mayflies first: imported for this, by servers, workers, scripts and tests.
keepTaxa([...MAYFLIES, ...STONEFLIES, ...CADDISFLIES, ...TRUE_FLIES, ...OTHER_ANIMALS]);
