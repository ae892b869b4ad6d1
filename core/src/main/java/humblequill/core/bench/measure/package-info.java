/** Measuring helps: grids, heads, room on the sheet, triangulation, vanishing points. */
package humblequill.core.bench.measure;
