export { Panes } from './Panes';
export { fitted, LEAST_PANE, LEAST_REST } from './paneWidths';
