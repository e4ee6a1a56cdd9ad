import { lazy, Suspense, type ComponentType } from 'react';
import { Page } from '../ui/page';

const load = () => import('./pages');

/**
 * A page whose code comes after the first screen, so that the first screen has little to download. It is fetched while
 * nothing else is to do (`fetchPages`), and the service worker keeps all of it on the phone.
 */
export function lazyPage(name: keyof Awaited<ReturnType<typeof load>>): ComponentType {
  const Loaded = lazy(async () => ({ default: (await load())[name] }));
  return function LazyPage() {
    return (
      <Suspense fallback={<Page title=" ">{null}</Page>}>
        <Loaded />
      </Suspense>
    );
  };
}

/** A part that is shown over whatever page stands: nothing stands in its place until it is there. */
export function lazyPart<P extends object>(name: keyof Awaited<ReturnType<typeof load>>): ComponentType<P> {
  const Loaded = lazy(async () => ({ default: (await load())[name] as unknown as ComponentType<object> }));
  return function LazyPart(props: P) {
    return (
      <Suspense fallback={null}>
        <Loaded {...props} />
      </Suspense>
    );
  };
}

/** Fetches the other pages once the first screen stands. If they cannot be had now they are asked for when opened. */
export function fetchPages(): void {
  setTimeout(() => void load().catch(() => undefined), 1000);
}
