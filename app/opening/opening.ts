// Runs before the app is there: the theme that was chosen, the last visits, and a sentence when the app cannot be fetched.
import { keptDay, type OpeningVisit } from '../src/data/openingDay';

const opening = document.getElementById('opening');

function chosenTheme(): string | null {
  try {
    return localStorage.getItem('huff-theme');
  } catch {
    return null;
  }
}

const STYLE = `
  h2 { margin: 6px 0; font-size: 15px; color: var(--soft) }
  a { display: block; padding: 10px 0; border-top: 1px solid var(--line); color: inherit; text-decoration: none }
  b { display: block; font-size: 17px; overflow: hidden; white-space: nowrap; text-overflow: ellipsis }
  span { display: block; font-size: 15px; color: var(--soft) }
`;

function make<K extends keyof HTMLElementTagNameMap>(name: K, text: string): HTMLElementTagNameMap[K] {
  const element = document.createElement(name);
  element.textContent = text;
  return element;
}

function rowOf({ id, title, startedAt, headline }: OpeningVisit): HTMLElement {
  const row = make('a', '');
  row.href = `/visits/${encodeURIComponent(id)}`;
  const moment = new Date(startedAt);
  const when = Number.isNaN(moment.getTime())
    ? ''
    : moment.toLocaleString('en', {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
      });
  row.append(make('b', title), make('span', when), make('span', headline));
  return row;
}

/** In a tree of its own: the app that comes up beside it never meets these rows. */
function drawDay(place: HTMLElement): void {
  const visits = keptDay();
  if (visits.length === 0 || location.pathname !== '/') return;
  place.querySelector('p')?.remove();
  const day = document.createElement('div');
  place.append(day);
  const root = day.attachShadow({ mode: 'closed' });
  root.append(make('h2', 'Opening. As it stood last time'), ...visits.map(rowOf));
  // Not as an element: the server lets no style into a page that it does not know.
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(STYLE);
  root.adoptedStyleSheets = [sheet];
}

if (opening) {
  const theme = chosenTheme();
  if (theme !== null) opening.dataset.theme = theme;
  drawDay(opening);
  window.addEventListener(
    'error',
    ({ target }) => {
      if (!(target instanceof HTMLScriptElement) || !opening.isConnected) return;
      const again = make('a', 'Try again');
      again.href = location.href;
      again.style.color = 'inherit';
      opening.replaceChildren(
        make('strong', 'Huff'),
        make('p', 'Huff could not be fetched from its server. What was read before is still on this phone.'),
        again,
      );
    },
    true,
  );
}
