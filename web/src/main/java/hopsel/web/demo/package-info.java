/** The made-up classes of the Tern Quay Cookery Room. */
package hopsel.web.demo;
