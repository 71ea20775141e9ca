package hopsel.web;

import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

import java.time.Clock;

/** Starts the web application. */
@SpringBootApplication
@EnableScheduling
@MapperScan(basePackageClasses = HopselApplication.class, annotationClass = Mapper.class)
public class HopselApplication {

    /** Runs until it is stopped. */
    public static void main(String[] args) {
        SpringApplication.run(HopselApplication.class, args);
    }

    @Bean
    Catalogue catalogue() {
        return BuiltInCatalogue.load();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
