/** What classes that are over teach: planned and actual, and how long steps really take. */
package hopsel.core.log;
