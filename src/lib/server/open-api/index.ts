export { AdviceRequestSchema, answerAdvice } from './advice';
export { answerMatch, MatchRequestSchema } from './match';
export { describeApi } from './describe';
export { answerHook, HookRequestSchema } from './hook';
export { answerIdentify, IdentifyRequestSchema } from './identify';
export { answerReading, ReadingRequestSchema } from './reading';
export { answerApproach, ApproachRequestSchema } from './approach';
export { answerRig, RigRequestSchema } from './rig';
export { answerSample } from './sample';
