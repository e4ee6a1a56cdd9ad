import type { CrossingSource } from '@huff/paper/crossing';

export interface CrossingProps extends CrossingSource {
  readonly height?: number;
}
