/**
 * An attempt held beside its reference: where it differs, what to put right first, and which
 * differences come back over many drawings.
 */
package humblequill.core.bench;
