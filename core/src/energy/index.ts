export * from './yearly';
