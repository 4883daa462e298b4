import { SetMetadata } from '@nestjs/common';

export const NO_TIME_LIMIT = 'mardle:no-time-limit';

/** A handler that may take as long as it needs: it asks nothing of the database, waits for news, or goes through a whole kitchen. */
export const NoTimeLimit = (): MethodDecorator => SetMetadata(NO_TIME_LIMIT, true);
