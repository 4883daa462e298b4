import type { DynamicModule } from '@nestjs/common';
import { Module } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BakesModule } from './bakes/bakes.module.js';
import type { Config } from './config.js';
import { databaseOptions } from './database/data-source.js';
import { DaysModule } from './days/days.module.js';
import { CONFIG, HealthController } from './health/health.controller.js';
import { KitchenFileModule } from './kitchen-file/kitchen-file.module.js';
import { KitchensModule } from './kitchens/kitchens.module.js';
import { LarderModule } from './larder/larder.module.js';
import { LogModule } from './log/log.module.js';
import { ProbeModule } from './probe/probe.module.js';
import { PiesModule } from './pies/pies.module.js';

@Module({})
export class AppModule {
  static with(config: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(config)),
        ...(config.webFolder
          ? [
              ServeStaticModule.forRoot({
                rootPath: config.webFolder,
                exclude: ['/api/{*path}', '/assets/{*path}'],
                serveStaticOptions: {
                  cacheControl: false,
                  setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
                },
              }),
            ]
          : []),
        KitchensModule,
        LarderModule,
        PiesModule,
        BakesModule,
        LogModule,
        ProbeModule,
        KitchenFileModule,
        DaysModule,
      ],
      controllers: [HealthController],
      providers: [{ provide: CONFIG, useValue: config }],
    };
  }
}
