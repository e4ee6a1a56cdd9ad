import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { PaperRoot } from '../ui/page';
import { ThemeChoice } from '../ui/theme';

/** A component inside our theme. */
export const renderThemed = (element: ReactElement) =>
  render(element, {
    wrapper: ({ children }) => (
      <ThemeChoice>
        <PaperRoot>{children}</PaperRoot>
      </ThemeChoice>
    ),
  });
