/** What no library gives in the form needed: small, exact pieces of statistics. */
package humblequill.core.ground.stats;
