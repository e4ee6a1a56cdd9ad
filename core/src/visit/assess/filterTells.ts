/** Why the filter is pulled: said wherever the retest is offered. */
export const FILTER_TELLS = 'Filter out shows the filter’s own pressure drop, corrected for the added airflow.';
