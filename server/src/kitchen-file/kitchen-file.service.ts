import { Injectable } from '@nestjs/common';
import type { BroughtIn, KitchenFileQuery, KitchenFileRequest } from '@mardle/contract';
import { DataSource } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { KitchenEntity } from '../kitchens/kitchen.entities.js';
import { KitchensService, THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { OwnRowsService } from '../larder/own-rows.service.js';
import { LarderService } from '../larder/larder.service.js';
import { busy } from '../problems/problem.js';
import { importKitchen } from './import-kitchen.js';
import { checkKitchen } from './check-kitchen.js';
import { clearKitchen } from './clear-kitchen.js';
import { exportKitchen } from './export-kitchen.js';

/** Each holds a connection, and the whole kitchen in memory. */
const MOST_AT_ONCE = 2;

@Injectable()
export class KitchenFileService {
  constructor(
    private readonly source: DataSource,
    private readonly kitchens: KitchensService,
    private readonly larder: LarderService,
    private readonly ownRows: OwnRowsService,
  ) {}

  private saving = 0;

  /** The whole kitchen as it is now; of many who ask at once some are told to come again. */
  async save(): Promise<KitchenFileRequest> {
    if (this.saving >= MOST_AT_ONCE) throw busy();
    this.saving += 1;
    try {
      return await this.saveWhole();
    } finally {
      this.saving -= 1;
    }
  }

  private saveWhole(): Promise<KitchenFileRequest> {
    return this.source.transaction('REPEATABLE READ', (manager) =>
      exportKitchen(manager, this.kitchens, this.larder, this.ownRows),
    );
  }

  /**
   * Brings a kitchen in whole or not at all, beside what is here or in its place; `isGone` tells that nobody waits for it any
   * more.
   */
  async bringIn(body: unknown, { instead }: KitchenFileQuery, isGone: () => boolean): Promise<BroughtIn> {
    const goOn = (): void => {
      if (isGone()) throw new Error('whoever brought a kitchen in has gone');
    };
    const kitchen = await checkKitchen(body);
    goOn();
    return inTransaction(this.source, async (manager) => {
      if (instead === 'yes') {
        await clearKitchen(manager);
        await manager.update(KitchenEntity, { id: THE_KITCHEN }, { name: kitchen.name });
      }
      const brought = await importKitchen(manager, kitchen, goOn);
      // Stopped at the last moment it is not kept either.
      goOn();
      return brought;
    });
  }
}
