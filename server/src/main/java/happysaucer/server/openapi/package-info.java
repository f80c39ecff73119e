/** The OpenAPI document: what is required and what may be null. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.openapi;
