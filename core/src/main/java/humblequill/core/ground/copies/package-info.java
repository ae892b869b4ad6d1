/** Which of many copies of the same thing are kept. */
package humblequill.core.ground.copies;
