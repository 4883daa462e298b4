import { Nested, IsId } from '../decorators.js';
import { PieSpecRequest } from './pie-spec.request.js';

/** A new pie; the id is the client's, so that sending it twice makes one pie. */
export class NewPieRequest {
  @IsId() id: string;
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
}

/** A new version of a pie; which one it builds on stands in the If-Match header. */
export class SavePieRequest {
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
}
