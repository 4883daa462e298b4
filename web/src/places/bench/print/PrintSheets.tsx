import { Button, Checkbox, Group, Modal } from '@mantine/core';
import type { Page, PaperName, PiePlan } from '@mardle/core';
import { pageSvg, paperNames, papers, makeTemplates, tile } from '@mardle/core';
import { IconFileTypePdf } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { useSettings } from '../../../state/settings.js';
import { fileName, saveFile } from '../../../shared/download.js';
import { pagesPdf } from './pdf.js';
import { useSlipPages, useUsualPaper } from './useSlipPages.js';
import classes from './PrintSheets.module.css';

interface PrintSheetsProps {
  readonly pieId: string;
  readonly plan: PiePlan;
  readonly onClose: () => void;
}

/** The slip for the wall and everything that is cut, at true size, as pages to print. */
export function PrintSheets({ pieId, plan, onClose }: PrintSheetsProps) {
  const units = useSettings((state) => state.units);
  const [paper, setPaper] = useState<PaperName>(useUsualPaper());
  const [left, setLeft] = useState<readonly string[]>([]);
  const [failed, setFailed] = useState(false);
  const slip = useSlipPages(plan, pieId, paper);
  const sheets = useMemo(
    (): { readonly id: string; readonly title: string; readonly pages: readonly Page[] }[] => [
      { id: 'slip', title: 'The slip, for the wall', pages: slip },
      ...makeTemplates(plan, units).map((drawing) => ({
        id: drawing.id,
        title: drawing.title,
        pages: tile(drawing, paper),
      })),
    ],
    [plan, slip, paper, units],
  );
  const pages = sheets.filter(({ id }) => !left.includes(id)).flatMap((sheet) => sheet.pages);
  const savePdf = async (): Promise<void> => {
    try {
      saveFile(await pagesPdf(pages, plan.spec.name), fileName(plan.spec.name, 'pdf'));
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  return (
    <Modal
      opened
      onClose={onClose}
      size={980}
      title="Print at true size"
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <div className={classes.print}>
        <div className={classes.choose}>
          <Choice
            label="Paper"
            value={paper}
            options={paperNames.map((name) => ({ value: name, label: papers[name].label }))}
            onChange={setPaper}
          />
          <fieldset className={classes.sheets}>
            <legend>Sheets</legend>
            {sheets.map(({ id, title, pages: its }) => (
              <Checkbox
                key={id}
                label={`${title} (${its.length} ${its.length === 1 ? 'page' : 'pages'})`}
                checked={!left.includes(id)}
                onChange={() =>
                  setLeft(left.includes(id) ? left.filter((other) => other !== id) : [...left, id])
                }
              />
            ))}
          </fieldset>
          <Button
            leftSection={<IconFileTypePdf size={20} />}
            disabled={pages.length === 0}
            onClick={() => void savePdf()}
          >
            Save {pages.length} {pages.length === 1 ? 'page' : 'pages'} as PDF
          </Button>
          {failed && (
            <p role="alert" className={classes.bad}>
              The PDF was not made. Nothing is lost; try again, or save single pages as SVG.
            </p>
          )}
          <p>
            Print at 100 %, not fitted to the page, and lay a ruler on the bar at the foot. Sheets in several
            pages overlap by 1 cm: cut one along the dashed line and glue it over the next.
          </p>
        </div>
        <ul className={classes.pages} tabIndex={0} aria-label="Pages">
          {pages.map((page) => (
            <li key={page.title}>
              {/* Drawn by core, which escapes every text; inline, so that it has our own type as the paper has. */}
              <div
                role="img"
                aria-label={`${page.title}, as it prints`}
                className={classes.page}
                dangerouslySetInnerHTML={{ __html: pageSvg(page) }}
              />
              <Group gap={6} justify="space-between">
                <small>{page.title}</small>
                <Button
                  size="compact-sm"
                  variant="default"
                  aria-label={`Save ${page.title} as SVG`}
                  onClick={() =>
                    saveFile(
                      new Blob([pageSvg(page)], { type: 'image/svg+xml' }),
                      fileName(`${plan.spec.name} ${page.title}`, 'svg'),
                    )
                  }
                >
                  SVG
                </Button>
              </Group>
            </li>
          ))}
        </ul>
      </div>
    </Modal>
  );
}
