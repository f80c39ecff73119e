package happysaucer.server.message;

/** How far a message has come. */
enum MessageStatus {
  WAITING,
  SENDING,
  SENT,
  FAILED,
  /** Nobody wanted it any more before it went. */
  ENDED
}
