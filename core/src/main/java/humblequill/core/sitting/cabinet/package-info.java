/**
 * The reference cabinet: figures and simple solids posed by a small 3-D model, so that every
 * reference has known landmarks. Lengths are fractions of stature, y is up, a figure faces z.
 */
package humblequill.core.sitting.cabinet;
