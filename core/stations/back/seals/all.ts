/** Every tape that closes a back. */
import { gummed } from './gummed.ts';
import type { SealDefinitions } from './seal.ts';
import { selfAdhesive } from './self-adhesive.ts';

export const SEALS: SealDefinitions = { gummed, 'self-adhesive': selfAdhesive };
