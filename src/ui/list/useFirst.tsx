'use client';

import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { t } from './text';

/** The first entries of a list that grows over the years, with a button for as many more; the rest is not rendered before. */
export function useFirst<T>(
  all: readonly T[],
  page: number,
): { readonly first: readonly T[]; readonly more: ReactNode } {
  const [limit, setLimit] = useState(page);
  const rest = all.length - limit;
  return {
    first: rest > 0 ? all.slice(0, limit) : all,
    more:
      rest > 0 ? (
        <Button data-testid="more" onClick={() => setLimit(limit + page)}>
          {t('useFirst.showPageMoreOfCount', { page: Math.min(page, rest), count: all.length })}
        </Button>
      ) : null,
  };
}
