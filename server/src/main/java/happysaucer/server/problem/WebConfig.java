package happysaucer.server.problem;

import happysaucer.core.unit.Days;
import jakarta.validation.Validator;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Strict bodies in, the screens out. */
@Configuration
class WebConfig implements WebMvcConfigurer {
  private static final Duration HASHED = Duration.ofDays(365);

  private final Validator validator;
  private final List<BodyCheck<?>> checks;

  WebConfig(Validator validator, List<BodyCheck<?>> checks) {
    this.validator = validator;
    this.checks = checks;
  }

  @Override
  public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
    builder.addCustomConverter(new StrictBodyConverter(validator, checks));
  }

  /** Days in addresses have the same bounds as days in bodies. */
  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverter(String.class, LocalDate.class, WebConfig::day);
  }

  /** What to mend of a day in an address. */
  static final class NotADayException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    NotADayException(String message) {
      super(message);
    }
  }

  private static LocalDate day(String text) {
    LocalDate day;
    try {
      day = LocalDate.parse(text);
    } catch (DateTimeException e) {
      throw new NotADayException("There is no such date. Write it as 2027-03-10.");
    }
    if (!Days.sane(day)) {
      throw new NotADayException(Days.RANGE);
    }
    return day;
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(HASHED).cachePublic().immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new ScreenResolver());
  }

  /** Any address that is no file and no API is a screen; the router on the page knows which. */
  private static final class ScreenResolver extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource file = super.getResource(path, location);
      if (file != null) {
        return file;
      }
      boolean screen = !path.startsWith("api/") && !path.contains(".");
      return screen ? super.getResource("index.html", location) : null;
    }
  }
}
