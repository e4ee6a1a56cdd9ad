/** The app's own spine, without a browser: what the soak's phones are made of. */
export { memoryStore } from '../../app/src/data/spine/memoryStore';
export { outboxOn } from '../../app/src/data/spine/outbox';
export { senderOn } from '../../app/src/data/spine/sender';
export { isSyncAnswer } from '@huff/contract/spine';
