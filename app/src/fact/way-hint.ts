import type { Fact } from '@tidy-sum/core';
import { createContext, type ReactNode } from 'react';

/** What is said over the ways of a fact, to somebody who is shown how; nothing otherwise. */
export const WayHintContext = createContext<(fact: Fact) => ReactNode>(() => null);
