import type { PiePlan } from '@mardle/core';
import { pageSvg } from '@mardle/core';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import classes from './PaperSlip.module.css';
import { useSlipPages, useUsualPaper } from './useSlipPages.js';

interface PaperSlipProps {
  readonly pieId: string;
  readonly plan: PiePlan;
}

/** What the printer gets instead of the screen: the pages that the dialog shows too. */
export function PaperSlip(props: PaperSlipProps) {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The printer takes what is there when the event ends.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing ? <Pages {...props} /> : null;
}

function Pages({ pieId, plan }: PaperSlipProps) {
  const pages = useSlipPages(plan, pieId, useUsualPaper());
  return (
    <div className={classes.paper}>
      {pages.map((page) => (
        // Drawn by core, which escapes every text.
        <div key={page.title} className={classes.page} dangerouslySetInnerHTML={{ __html: pageSvg(page) }} />
      ))}
    </div>
  );
}
