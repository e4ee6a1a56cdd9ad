export * from './Airway';
export * from '@huff/paper/airway';
