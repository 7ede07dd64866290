package bemble.server.web;

import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface; every address that is a screen of it gets the same page. */
@Configuration
class ScreenAddresses implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**").addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
                // The scripts were packed when they were built; a class that opens at once does not have them packed thirty times.
                .resourceChain(true).addResolver(new EncodedResourceResolver());
        registry.addResourceHandler("/**").addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true).addResolver(new ScreenResolver());
    }

    /** Answers with the teacher's page, or the children's, where a path is neither a file nor the API's. */
    private static final class ScreenResolver extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws java.io.IOException {
            Resource file = super.getResource(path, location);
            if (file != null) {
                return file;
            }
            boolean screen = !path.startsWith("api/") && !path.startsWith("actuator/") && !path.startsWith("v3/")
                    && path.lastIndexOf('.') <= path.lastIndexOf('/');
            if (!screen) {
                return null;
            }
            boolean children = path.equals("in") || path.startsWith("in/");
            return super.getResource(children ? "in.html" : "index.html", location);
        }
    }
}
