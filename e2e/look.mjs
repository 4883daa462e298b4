import { chromium } from '@playwright/test';
export async function open(opts={}) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: 'http://127.0.0.1:4990', ...opts });
  const page = await context.newPage();
  page.on('pageerror', e => console.log('PAGEERROR', e.message));
  return { browser, context, page };
}
